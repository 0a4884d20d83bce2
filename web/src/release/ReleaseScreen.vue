<script setup lang="ts">
import { counted } from '@/look/counted'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { get, post, type Problem } from '@/api/client'
import type { Logged, Preview, Waiting } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import ProofFrame from '@/proof/ProofFrame.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'

const site = useSite()
const session = useSession()
const notices = useNotices()
const waiting = ref<Waiting | null>(null)
const log = ref<Logged[]>([])
const left = ref(new Set<string>())
const preview = ref<Preview | null>(null)
const note = ref('')
const looking = ref<string | null>(null)
const busy = ref(false)
const done = ref('')
const returning = ref<number | null>(null)
const SETTLE_MS = 120

const SORTS: Record<string, string> = {
  page: 'Page',
  menu: 'Menu',
  theme: 'Look',
  template: 'Template',
  kind: 'Kind',
  site: 'Site',
  media: 'Picture',
  redirect: 'Redirect',
}
const FATES: Record<string, { mark: string; word: string; tone: string }> = {
  NEW: { mark: '+', word: 'new', tone: 'LIVE' },
  CHANGED: { mark: '◐', word: 'changed', tone: 'CHANGED' },
  GONE: { mark: '−', word: 'goes', tone: 'must' },
}
const entries = computed(() => waiting.value?.entries ?? [])
const chosen = computed(() => entries.value.filter((e) => !left.value.has(e.item)).map((e) => e.item))
const along = computed(() => (preview.value?.items ?? []).filter((i) => left.value.has(i)))
const names = computed(() => new Map(entries.value.map((e) => [e.item, e.name])))
const goes = computed(() => preview.value?.items.length ?? 0)
const manager = computed(() => session.manager)
const grave = computed(() => (preview.value?.findings ?? []).filter((f) => f.finding.severity === 'MUST_FIX'))
const lesser = computed(() =>
  (preview.value?.findings ?? []).filter((f) => f.finding.severity === 'SHOULD_FIX'),
)

async function load() {
  const [plan, past] = await Promise.all([
    get<Waiting>(`/sites/${site.id}/releases/waiting`),
    get<Logged[]>(`/sites/${site.id}/releases`),
  ])
  if (plan.ok) waiting.value = plan.value
  if (past.ok) log.value = past.value
}
const look = useDebounceFn(async () => {
  if (chosen.value.length === 0) return (preview.value = null)
  const answer = await post<Preview>(`/sites/${site.id}/releases/preview`, { items: chosen.value, note: '' })
  if (answer.ok) preview.value = answer.value
}, SETTLE_MS)
watch(() => [site.step, site.standing?.release], load, { immediate: true })
watch(chosen, look, { immediate: true })

function choose(item: string, on: boolean) {
  const next = new Set(left.value)
  if (on) next.delete(item)
  else next.add(item)
  left.value = next
}
function refused(problem: Problem) {
  notices.refuse(problem)
}
async function release() {
  if (busy.value) return
  busy.value = true
  const answer = await post(`/sites/${site.id}/releases`, { items: chosen.value, note: note.value })
  busy.value = false
  if (!answer.ok) return refused(answer.problem)
  note.value = ''
  left.value = new Set()
  looking.value = null
  await site.refresh()
  await load()
  done.value = `Release ${site.standing?.release} is live.`
}
async function goBack(number: number) {
  returning.value = null
  const answer = await post(`/sites/${site.id}/releases/${number}/return`)
  if (!answer.ok) return refused(answer.problem)
  await site.refresh()
  await load()
  done.value = `The site is back as it was in release ${number}. The working copy is untouched.`
}
const when = (at: string) =>
  new Date(at).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
  })
</script>

<template>
  <div class="screen">
    <div class="screen-head">
      <h1>Releases</h1>
      <span class="quiet">{{
        entries.length
          ? `${counted(entries.length, 'change waits', 'changes wait')} since release ${waiting?.release}`
          : `visitors see release ${waiting?.release}, and nothing waits`
      }}</span>
      <span v-if="done" class="state LIVE" role="status"
        >● {{ done }} <a :href="site.standing?.origin + '/'" target="_blank" rel="noopener">See it</a></span
      >
    </div>
    <div class="split">
      <div class="changes">
        <h2 v-if="entries.length">What will change</h2>
        <p v-else-if="waiting" class="quiet">
          Everything that was written is live. What you change next will stand here.
        </p>
        <ul>
          <li
            v-for="e in entries"
            :key="e.item"
            :class="{ out: left.has(e.item) && !along.includes(e.item), looking: looking === e.item }"
          >
            <v-checkbox
              :model-value="!left.has(e.item)"
              :aria-label="`Release ${e.name}`"
              @update:model-value="(v: unknown) => choose(e.item, v === true)"
            />
            <span class="state fate" :class="FATES[e.fate]?.tone"
              >{{ FATES[e.fate]?.mark }} {{ FATES[e.fate]?.word }}</span
            >
            <div class="grow">
              <b class="cut" dir="auto">{{ e.name }}</b>
              <span class="label">{{ SORTS[e.sort] ?? e.sort }}</span>
              <div class="quiet">{{ e.says.join('; ') }}</div>
              <div v-if="along.includes(e.item)" class="should">◇ comes along: another change needs it</div>
            </div>
            <v-btn v-if="e.sort === 'page'" @click="looking = looking === e.item ? null : e.item">{{
              looking === e.item ? 'Close' : 'Before and after'
            }}</v-btn>
          </li>
        </ul>
        <div v-if="looking" class="compare">
          <figure>
            <ProofFrame
              class="frame"
              :path="`page/${looking}`"
              query="of=live"
              :width="1200"
              still
              label="Before"
            />
            <figcaption class="label">before: what visitors see</figcaption>
          </figure>
          <figure>
            <ProofFrame class="frame" :path="`page/${looking}`" :width="1200" :page="looking" label="After" />
            <figcaption class="label">after this release</figcaption>
          </figure>
        </div>
        <h2 class="log">Releases so far</h2>
        <p v-if="log.length === 0" class="quiet">None yet. Visitors see nothing before the first.</p>
        <table v-else>
          <tbody>
            <tr v-for="(r, i) in log" :key="r.number">
              <td>
                <b>{{ r.number }}</b>
              </td>
              <td>{{ r.note || 'Without a note' }}</td>
              <td class="quiet">{{ counted(r.changes, 'change') }}</td>
              <td class="quiet">{{ r.who }}</td>
              <td class="quiet">{{ when(r.at) }}</td>
              <td class="back">
                <span v-if="i === 0" class="state LIVE">● live</span>
                <v-btn v-else-if="manager" @click="returning = r.number">Go back to it…</v-btn>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <aside v-if="entries.length" class="side">
        <h2>Release</h2>
        <p>{{ counted(goes, 'change goes', 'changes go') }} live at once, or none of them.</p>
        <p v-if="along.length" class="should">
          ◇ {{ along.length }} you left out must come along: {{ along.map((i) => names.get(i)).join(', ') }}.
        </p>
        <ul v-if="preview?.notes.length" class="notes">
          <li v-for="n in preview.notes" :key="n">{{ n }}</li>
        </ul>
        <label class="label" for="note">A note for the log</label>
        <v-text-field id="note" v-model="note" maxlength="200" placeholder="What this release is about" />
        <v-btn class="strong go" :disabled="!manager || busy || chosen.length === 0" @click="release"
          >Release {{ counted(goes, 'change') }}</v-btn
        >
        <p v-if="!manager" class="label">Only managers release. Ask one when it is ready.</p>
        <h3>As the survey would find it then</h3>
        <p v-if="preview && !grave.length && !lesser.length" class="quiet">Nothing to fix.</p>
        <div v-for="(f, i) in grave" :key="`g${i}`" class="note-box must-box">
          <b class="must">◆ {{ f.name }}</b> {{ f.finding.says }}
        </div>
        <div v-for="(f, i) in lesser.slice(0, 6)" :key="`l${i}`" class="note-box">
          <b class="should">◇ {{ f.name }}</b> {{ f.finding.says }}
        </div>
        <router-link v-if="lesser.length > 6" :to="{ name: 'survey' }"
          >{{ lesser.length - 6 }} more in the survey</router-link
        >
      </aside>
    </div>
    <v-dialog :model-value="returning !== null" max-width="480" @update:model-value="returning = null">
      <div class="sheet">
        <h2>Go back to release {{ returning }}</h2>
        <p class="gap">
          Visitors get the whole site as it was then. That is a release of its own, and the working copy keeps
          every change made since.
        </p>
        <div class="row-flex">
          <v-btn class="strong" @click="goBack(returning ?? 0)">Go back</v-btn
          ><v-btn @click="returning = null">Leave it</v-btn>
        </div>
      </div>
    </v-dialog>
  </div>
</template>

<style scoped>
.split {
  flex: 1;
  min-height: 0;
  display: flex;
}
.changes {
  flex: 1;
  min-width: 0;
  overflow-y: auto;
  padding: 16px 20px 40px;
}
.changes > ul {
  list-style: none;
  margin-top: 8px;
}
.changes > ul > li {
  display: flex;
  gap: 12px;
  align-items: flex-start;
  padding: 8px 6px;
  border-bottom: 1px solid var(--line2);
}
li .v-checkbox {
  flex: none;
  margin-top: -6px;
}
.out {
  opacity: 0.6;
}
.looking {
  background: var(--sheet);
}
.fate {
  width: 80px;
  flex: none;
}
.compare {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
  margin: 14px 0;
}
.frame {
  height: 300px;
  border: 1px solid var(--line);
}
.log {
  margin: 26px 0 6px;
}
table {
  width: 100%;
  border-collapse: collapse;
}
td {
  border-bottom: 1px solid var(--line2);
  padding: 6px 12px 6px 0;
  height: 42px;
}
.back {
  text-align: right;
  white-space: nowrap;
}
.side {
  width: 360px;
  flex: none;
  background: var(--sheet);
  border-left: 1px solid var(--line);
  padding: 16px 20px;
  overflow-y: auto;
  display: flex;
  flex-direction: column;
  gap: 9px;
  overflow-wrap: anywhere;
}
.go {
  align-self: flex-start;
}
h3 {
  margin-top: 14px;
}
.notes {
  padding-left: 18px;
}
.gap {
  margin: 8px 0 16px;
}
@media (max-width: 1100px) {
  .side {
    width: 300px;
  }
}
</style>
