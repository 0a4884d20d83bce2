<script setup lang="ts">
import { counted } from '@/words/counted'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { post, type Problem } from '@/api/client'
import type { Logged, Preview, ReleaseEntry, Waiting } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import ProofFrame from '@/proof/ProofFrame.vue'
import { useSession } from '@/session/useSession'
import { useItem } from '@/site/useItem'
import { useParts } from '@/site/useParts'
import { useSite } from '@/site/useSite'
import ReleaseLog from './ReleaseLog.vue'

const site = useSite()
const session = useSession()
const notices = useNotices()
const { value: waiting, load } = useItem<Waiting>(() => 'releases/waiting')
const { all: log, more, load: loadLog, earlier } = useParts<Logged>(() => `/sites/${site.id}/releases`)
const left = ref(new Set<string>())
const preview = ref<Preview | null>(null)
const note = ref('')
const looking = ref<string | null>(null)
const busy = ref(false)
const done = ref('')
const SETTLE_MS = 120

const SORTS: Record<ReleaseEntry['sort'], string> = {
  SITE: 'Site',
  PAGE: 'Page',
  ENTRY: 'Entry',
  MENU: 'Menu',
  THEME: 'Look',
  TEMPLATE: 'Template',
  KIND: 'Kind',
  PATTERN: 'Pattern',
  SHARED: 'Shared section',
  MEDIA: 'File',
  REDIRECT: 'Redirect',
}
const FATES: Record<ReleaseEntry['fate'], { mark: string; word: string; tone: string }> = {
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

const look = useDebounceFn(async () => {
  if (chosen.value.length === 0) return (preview.value = null)
  const answer = await post<Preview>(`/sites/${site.id}/releases/preview`, { items: chosen.value, note: '' })
  if (answer.ok) preview.value = answer.value
}, SETTLE_MS)
watch(() => site.standing?.release, loadLog, { immediate: true })
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
  const answer = await post(`/sites/${site.id}/releases/${number}/return`)
  if (!answer.ok) return refused(answer.problem)
  await site.refresh()
  await load()
  done.value = `The site is back as it was in release ${number}. The working copy is untouched.`
}
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
            <span class="state fate" :class="FATES[e.fate].tone"
              >{{ FATES[e.fate].mark }} {{ FATES[e.fate].word }}</span
            >
            <div class="grow">
              <b class="cut" dir="auto">{{ e.name }}</b>
              <span class="label">{{ SORTS[e.sort] }}</span>
              <div class="quiet">{{ e.says.join('; ') }}</div>
              <div v-if="along.includes(e.item)" class="should">◇ comes along: another change needs it</div>
            </div>
            <v-btn v-if="e.sort === 'PAGE'" @click="looking = looking === e.item ? null : e.item">{{
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
        <ReleaseLog :log="log" :more="more" @back="goBack" @earlier="earlier" />
      </div>
      <aside v-if="entries.length" class="side side-pane">
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
  </div>
</template>

<style scoped>
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
.side {
  --side: 360px;
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
@media (max-width: 1100px) {
  .side {
    width: 300px;
  }
}
</style>
