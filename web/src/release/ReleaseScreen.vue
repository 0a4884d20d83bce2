<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import type { AskedRelease } from '@/api/types'
import AwaitedScreen from '@/look/AwaitedScreen.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import BeforeAfter from './BeforeAfter.vue'
import ChangeList from './ChangeList.vue'
import GiveBackSheet from './GiveBackSheet.vue'
import GoBackSheet from './GoBackSheet.vue'
import GoesLive from './GoesLive.vue'
import PastReleases from './PastReleases.vue'
import PlannedSlip from './PlannedSlip.vue'
import ReleaseDone from './ReleaseDone.vue'
import ReleaseLine from './ReleaseLine.vue'
import ReleaseList from './ReleaseList.vue'
import { clockWords } from '@/words/clockWords'
import { useChosen } from './useChosen'
import { useReleases } from './useReleases'
import { useReleasing } from './useReleasing'

const site = useSite()
const { waiting, planned, askedFor, log, more, earlier, loadAll } = useReleases()
const chosen = useChosen(waiting)
const releasing = useReleasing(waiting, chosen.items)
const { goes, along, done } = releasing
const { changes } = chosen
/** What is looked at: a change that waits, past releases, or one that is set for a time. */
const looking = ref('')
const numbers = ref<number[]>([])
const coming = ref('')
const listing = ref(false)
const giving = ref<AskedRelease | null>(null)
const returning = ref<number | null>(null)
/** Said after something was done that is no release of what waits. */
const told = ref('')
const room = ref<HTMLElement | null>(null)

const change = computed(() => changes.value.find((c) => c.key === looking.value) ?? changes.value[0])
watch(change, (c) => (looking.value = c?.key ?? ''), { immediate: true })
/** An editor asks for what they wrote themselves; whoever releases begins with all of it. */
watch(waiting, (_, before) => before || useSession().manager || chosen.only((c) => c.mine))
const soon = computed(() => planned.value?.find((p) => p.id === coming.value))
const asked = computed(() => [...new Set(askedFor.value.values())].filter((a) => !a.back))
const overdue = computed(() => planned.value?.filter((p) => p.holds.overdue) ?? [])
const pages = computed(() => {
  const c = change.value
  if (!c) return []
  const gone = c.entries.filter((e) => e.sort === 'PAGE' && !e.pages.length).map((e) => e.item)
  return [...c.pages, ...gone]
})
const stands = computed(() => {
  const at = waiting.value
  if (!at) return 'Looking at what has changed…'
  const parts = []
  if (changes.value.length) parts.push(counted(changes.value.length, 'change waits', 'changes wait'))
  else
    parts.push(at.release ? `visitors see release ${at.release}, and nothing waits` : 'nothing is live yet')
  if (asked.value.length) parts.push(`${asked.value.length} asked for`)
  if (log.value.length > 1) parts.push('compare any two by choosing them on the line below')
  return parts.join(' · ')
})
const since = computed(() =>
  waiting.value?.release ? `Waits since release ${waiting.value.release}` : 'Waits for the first release',
)
/** What comes along though it is not chosen, and because of what. */
const why = computed(() => {
  const entries = changes.value.flatMap((c) => c.entries)
  const name = new Map(entries.map((e) => [e.item, e.name]))
  return along.value.map((id) => {
    const by = entries.find((e) => goes.value.includes(e.item) && e.needs.includes(id))
    return by ? `${name.get(id)}, because ${by.name} needs it` : (name.get(id) ?? '')
  })
})
const FEW = 4

async function after(words: string) {
  await loadAll()
  told.value = words
  if (words) done.value = null
  chosen.anew()
  // What it was done with is gone, or has nothing to do any more.
  await nextTick()
  room.value?.querySelector<HTMLElement>('.done, .told')?.focus()
}
const released = () => after('')
/** Whatever was left on the screen when it went live: with nothing that waits, what it was released with is gone. */
watch(done, (now) => now && void released())
async function wentBack() {
  const to = returning.value
  returning.value = null
  numbers.value = []
  done.value = null
  await after(`The site is back as it was in release ${to}. The working copy is untouched.`)
}
function toWaiting() {
  numbers.value = []
  coming.value = ''
}
useEventListener('keydown', (event) => {
  if (event.key === 'Escape' && !document.querySelector('.sheet')) toWaiting()
})
</script>

<template>
  <div class="screen">
    <div class="screen-head">
      <h1>Releases</h1>
      <span class="quiet" role="status">{{ stands }}</span>
    </div>
    <div class="split parts">
      <div ref="room" class="waits">
        <ReleaseDone v-if="done" :done="done" :origin="site.standing?.origin ?? ''" />
        <p v-if="told" class="told state LIVE" role="status" tabindex="-1">● {{ told }}</p>
        <p v-for="p in overdue" :key="p.id" class="told must" role="alert">
          ◆ The release that was set for {{ clockWords(p.when.clock) }} waits: {{ p.holds.missing[0] }}
          <button type="button" class="textlink" @click="coming = p.id">Look at it</button>
        </p>
        <template v-if="changes.length">
          <ChangeList
            v-model="looking"
            :chosen="chosen"
            :asked="askedFor"
            :along="along"
            :since="since"
            @update:model-value="toWaiting"
            @give-back="giving = $event"
          />
          <p class="sum">
            {{ chosen.count.value }} of {{ changes.length }} chosen.
            <template v-if="why.length">
              <b>Comes along:</b> {{ why.slice(0, FEW).join('; ')
              }}{{ why.length > FEW ? ` and ${why.length - FEW} more` : '' }}.
            </template>
          </p>
          <ul v-if="releasing.preview.value?.notes.length" class="sum" aria-label="What else happens">
            <li v-for="n in releasing.preview.value.notes" :key="n">{{ n }}</li>
          </ul>
        </template>
        <p v-else-if="waiting" class="quiet sum">
          Everything that was written is live. What you change next will stand here.
        </p>
        <AwaitedScreen v-else />
      </div>
      <PastReleases
        v-if="numbers.length"
        class="middle"
        :numbers="numbers"
        :log="log"
        @back="returning = $event"
        @close="toWaiting"
      />
      <PlannedSlip
        v-else-if="soon"
        :key="soon.id"
        class="middle"
        :planned="soon"
        :zone="waiting?.zone ?? ''"
        @close="toWaiting"
        @changed="loadAll"
      />
      <BeforeAfter
        v-else-if="change"
        class="middle"
        :title="change.name"
        :pages="pages"
        :more="Math.max(0, change.reaches - pages.length)"
        :before="{ of: 'live', word: 'live now' }"
        :after="{ of: 'now', word: 'then' }"
      />
      <GoesLive
        v-if="changes.length && waiting"
        :releasing="releasing"
        :chosen="chosen.items.value"
        :zone="waiting.zone"
        @planned="after(`Set for ${$event} It stands on the line below.`)"
        @asked="after('Asked for. The managers see it here.')"
      />
    </div>
    <ReleaseLine
      v-model:numbers="numbers"
      v-model:coming="coming"
      :log="log"
      :more="more"
      :planned="planned ?? []"
      @list="listing = true"
    />
    <ReleaseList
      v-if="listing"
      :log="log"
      :more="more"
      :numbers="numbers"
      @earlier="earlier"
      @close="listing = false"
      @choose="((numbers = $event), (coming = ''), (listing = false))"
    />
    <GiveBackSheet v-if="giving" :asked="giving" @close="giving = null" />
    <GoBackSheet v-if="returning !== null" :number="returning" @close="returning = null" @back="wentBack" />
  </div>
</template>

<style scoped>
.waits {
  flex: 0 0 36.5%;
  min-width: 300px;
  overflow-y: auto;
  border-right: 1px solid var(--line);
}
.middle {
  min-width: 0;
}
.told {
  padding: 10px 20px;
  border-bottom: 1px solid var(--line);
  overflow-wrap: anywhere;
  white-space: normal;
}
.sum {
  padding: 9px 20px;
  color: var(--quiet);
  list-style: none;
  overflow-wrap: anywhere;
}
.waits :deep(.done) {
  margin: 0;
}
@media (max-width: 1100px) {
  .parts :deep(.side-pane) {
    --side: 244px;

    padding-inline: 14px;
  }
}
@media (max-width: 820px) {
  .parts {
    flex-direction: column;
    overflow-y: auto;
  }
  .waits {
    flex: none;
    overflow: visible;
    border-right: 0;
  }
  .middle {
    min-height: 460px;
    flex: none;
  }
  .parts :deep(.side-pane) {
    width: auto;
    border-left: 0;
    border-top: 1px solid var(--line);
  }
}
</style>
