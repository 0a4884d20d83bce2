<script setup lang="ts">
import WordOf from '@/help/WordOf.vue'
import { counted } from '@/words/counted'
import { computed, nextTick, ref, watch } from 'vue'
import { post, get, question } from '@/api/client'
import { useNotices } from '@/edit/useNotices'
import { useSession } from '@/session/useSession'
import { useItem } from '@/site/useItem'
import { useParts } from '@/site/useParts'
import { useSite } from '@/site/useSite'
import AwaitedScreen from '@/look/AwaitedScreen.vue'
import ChangeList from './ChangeList.vue'
import ReleaseAsk from './ReleaseAsk.vue'
import ReleaseDone from './ReleaseDone.vue'
import ReleaseLog from './ReleaseLog.vue'
import ReleaseThen from './ReleaseThen.vue'
import { useReleasing } from './useReleasing'

const site = useSite()
const session = useSession()
const notices = useNotices()
const { value: waiting, load } = useItem(() =>
  question('/api/sites/{site}/releases/waiting', { path: { site: site.id } }),
)
const {
  all: log,
  more,
  asked,
  load: loadLog,
  earlier,
} = useParts((from) => get('/api/sites/{site}/releases', { path: { site: site.id }, query: { from } }))
const left = ref(new Set<string>())
const note = ref('')
const asking = ref(false)
/** Said after going back to an earlier release. */
const back = ref('')
const room = ref<HTMLElement | null>(null)

const entries = computed(() => waiting.value?.entries ?? [])
const chosen = computed(() => entries.value.filter((e) => !left.value.has(e.item)).map((e) => e.item))
const { preview, goes, along, unfilled, grave, lesser, asks, busy, done, release } = useReleasing(
  waiting,
  chosen,
)
const names = computed(() => new Map(entries.value.map((e) => [e.item, e.name])))
const manager = computed(() => session.manager)
const stands = computed(() => {
  const at = waiting.value
  if (!at) return 'Looking at what has changed…'
  const since = at.release ? `since release ${at.release}` : 'for the first release'
  if (at.entries.length) return `${counted(at.entries.length, 'change waits', 'changes wait')} ${since}`
  return at.release ? `visitors see release ${at.release}, and nothing waits` : 'nothing is live yet'
})
watch(() => site.standing?.release, loadLog, { immediate: true })

async function go() {
  asking.value = false
  if (!(await release(note.value))) return
  note.value = back.value = ''
  left.value = new Set()
  await load()
  await nextTick()
  room.value?.querySelector<HTMLElement>('.done')?.focus()
}
async function goBack(number: number) {
  const answer = await post('/api/sites/{site}/releases/{number}/return', { path: { site: site.id, number } })
  if (!answer.ok) return notices.refuse(answer.problem)
  await site.refresh()
  await load()
  done.value = null
  back.value = `The site is back as it was in release ${number}. The working copy is untouched.`
}
</script>

<template>
  <div class="screen">
    <div class="screen-head">
      <h1>Releases</h1>
      <span class="quiet" role="status">{{ stands }}</span>
      <span v-if="back" class="state LIVE" role="status"
        >● {{ back }} <a :href="site.standing?.origin + '/'" target="_blank" rel="noopener">See it</a></span
      >
    </div>
    <div class="split">
      <div ref="room" class="changes">
        <ReleaseDone v-if="done" :done="done" :origin="site.standing?.origin ?? ''" />
        <template v-if="entries.length">
          <h2>What will change in the <WordOf word="release">live site</WordOf></h2>
          <ChangeList v-model="left" :entries="entries" :along="along" />
        </template>
        <p v-else-if="waiting" class="quiet">
          Everything that was written is live. What you change next will stand here.
        </p>
        <AwaitedScreen v-else />
        <ReleaseLog v-if="asked" :log="log" :more="more" @back="goBack" @earlier="earlier" />
      </div>
      <aside v-if="entries.length" class="side side-pane">
        <h2>Release</h2>
        <p>{{ counted(goes.length, 'change goes', 'changes go') }} live at once, or none of them.</p>
        <p v-if="unfilled.length" class="should">
          ◇ {{ counted(unfilled.length, 'of these pages has', 'of these pages have') }} places still to fill;
          visitors don’t see them.
        </p>
        <p v-if="along.length" class="should">
          ◇ {{ along.length }} you left out must come along: {{ along.map((i) => names.get(i)).join(', ') }}.
        </p>
        <ul v-if="preview?.notes.length" class="notes" tabindex="0" aria-label="What else happens">
          <li v-for="n in preview.notes" :key="n">{{ n }}</li>
        </ul>
        <label class="label" for="note">A note for the log</label>
        <v-text-field id="note" v-model="note" maxlength="200" placeholder="What this release is about" />
        <v-btn
          class="strong go"
          :disabled="!manager || busy || goes.length === 0"
          @click="asks ? (asking = true) : go()"
          >Release {{ counted(goes.length, 'change') }}</v-btn
        >
        <p v-if="!manager" class="label">Only managers release. Ask one when it is ready.</p>
        <ReleaseThen v-if="preview" :preview="preview" :grave="grave" :lesser="lesser" />
      </aside>
    </div>
    <ReleaseAsk
      v-if="asking"
      :goes="goes.length"
      :unfilled="unfilled"
      :grave="grave.length"
      :busy="busy"
      @yes="go"
      @close="asking = false"
    />
  </div>
</template>

<style scoped>
.changes {
  flex: 1;
  min-width: 0;
  overflow-y: auto;
  padding: 16px 20px 40px;
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
.notes {
  max-height: 168px;
  overflow-y: auto;
  padding-left: 18px;
}
@media (max-width: 1100px) {
  .side {
    width: 300px;
  }
}
</style>
