<script setup lang="ts">
import { counted } from '@/words/counted'
import { useNow } from '@vueuse/core'
import { computed } from 'vue'
import { useEdits } from '@/edit/useEdits'
import { useNarrow } from '@/look/useNarrow'
import { useSession } from '@/session/useSession'
import UndoButtons from '@/site/UndoButtons.vue'
import { useSite } from '@/site/useSite'
import { said } from '@/api/said'
import { clockWords } from '@/words/clockWords'

const site = useSite()
const edits = useEdits()
useNow({ interval: 30000 })

const count = (n: number | undefined) => (n ?? 0).toLocaleString('en-GB')
const narrow = useNarrow()
const session = useSession()
const stands = computed(() => site.standing)
/** Why nothing can be kept, in a few words; the whole is told when one points at it. */
const WHY: Record<string, string> = {
  'no-answer': 'The server doesn’t answer',
  'disk-full': 'The server’s disk is full',
  'not-writable': 'The server can’t write',
  'storage-busy': 'The server’s disk is busy',
  'database-damaged': 'The server’s database is damaged',
}
const held = computed(() => (edits.waiting ? edits.held : null))
const kept = computed(() => {
  const waiting = counted(edits.waiting, 'edit waits', 'edits wait')
  if (held.value) return `${WHY[held.value.code] ?? 'Not connected'} · ${waiting} here`
  if (edits.waiting && !site.connected) return `Not connected · ${waiting} here`
  if (!site.connected) return 'Not connected · trying again'
  if (site.untold) return 'Too many windows open · others’ work shows late'
  if (edits.waiting) return 'Keeping…'
  return edits.keptAt
    ? `All changes kept · ${edits.keptAt.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}`
    : 'All changes kept'
})
const trouble = computed(() => !site.connected || site.untold || held.value !== null)
const whole = computed(() => {
  if (held.value) return `${said(held.value)} What you wrote is kept in this browser meanwhile.`
  return site.untold ? 'Close some of your windows; this one is told again a moment later.' : undefined
})
const failing = computed(
  () =>
    `${stands.value?.failing.join(', ')}: the server can’t ask this at the moment. What it says is of an earlier step; the server’s log says why.`,
)
/** What is on its way to be released: what is in the way of it first, then what somebody waits for. */
const coming = computed(() => {
  const { overdue = 0, asked = 0, lagging = 0, nextAt } = stands.value ?? {}
  if (overdue)
    return { number: overdue, tone: 'must', words: overdue === 1 ? 'release waits' : 'releases wait' }
  if (lagging)
    return { number: lagging, tone: 'must', words: lagging === 1 ? 'delivery fails' : 'deliveries fail' }
  if (asked) return { number: asked, tone: 'should', words: 'asked for' }
  return nextAt ? { number: 0, tone: '', words: `next ${clockWords(nextAt)}` } : null
})
const releaseWords = computed(() => {
  const n = stands.value?.changes ?? 0
  if (!session.manager) return n === 0 ? 'Nothing waits' : counted(n, 'change waits', 'changes wait')
  return n === 0 ? 'Nothing to release' : `Release ${count(n)} ${n === 1 ? 'change' : 'changes'}…`
})
</script>

<template>
  <footer v-if="stands" class="stand" aria-label="How the site stands">
    <span v-if="narrow"
      >{{ count(stands.pages.LIVE) }} live · {{ count(stands.pages.CHANGED) }} changed ·
      <router-link :to="{ name: 'survey' }">{{ count(stands.mustFix) }} must fix</router-link> ·
      <span :class="{ must: trouble }" role="status">{{ kept }}</span></span
    >
    <router-link v-else class="part" :to="{ name: 'plan', params: { page: stands.homeId } }">
      <b>Home</b> <span class="cut home">{{ stands.homeTitle }}</span>
    </router-link>
    <router-link class="part" :to="{ name: 'plan', query: { state: 'LIVE' } }">
      <b class="state LIVE">{{ count(stands.pages.LIVE) }}</b> live
    </router-link>
    <router-link class="part" :to="{ name: 'plan', query: { state: 'CHANGED' } }">
      <b class="state CHANGED">{{ count(stands.pages.CHANGED) }}</b> changed
    </router-link>
    <router-link class="part" :to="{ name: 'plan', query: { state: 'DRAFT' } }">
      <b class="state DRAFT">{{ count(stands.pages.DRAFT) }}</b> draft
    </router-link>
    <router-link class="part" :to="{ name: 'survey', query: { rule: 'to-fill' } }">
      <b>{{ count(stands.toFill) }}</b> to fill
    </router-link>
    <router-link class="part" :to="{ name: 'survey' }">
      <b :class="stands.mustFix ? 'must' : 'quiet'">{{ count(stands.mustFix) }}</b> must fix
      <b :class="stands.shouldFix ? 'should' : 'quiet'">{{ count(stands.shouldFix) }}</b> should fix
      <span v-if="stands.failing.length" class="must" :title="failing"
        >· {{ counted(stands.failing.length, 'rule fails', 'rules fail') }}</span
      >
    </router-link>
    <router-link v-if="stands.newAnswers" class="part" :to="{ name: 'answers' }">
      <b class="should">{{ count(stands.newAnswers) }}</b> new
      {{ stands.newAnswers === 1 ? 'answer' : 'answers' }}
    </router-link>
    <router-link v-if="coming" class="part" :to="{ name: 'releases', params: { site: site.id } }">
      <b v-if="coming.number" :class="coming.tone">{{ count(coming.number) }}</b> {{ coming.words }}
    </router-link>
    <router-link class="part last" :to="{ name: 'releases', params: { site: site.id } }"
      >release <b>{{ stands.release }}</b></router-link
    >
    <div class="right">
      <UndoButtons />
      <span
        v-if="!narrow"
        class="kept"
        :class="{ must: trouble }"
        role="status"
        aria-live="polite"
        :title="whole"
        >{{ kept }}</span
      >
      <v-btn
        v-if="$route.name !== 'releases'"
        :class="{ strong: session.manager }"
        :to="{ name: 'releases', params: { site: site.id } }"
        :disabled="stands.changes === 0"
        >{{ releaseWords }}</v-btn
      >
    </div>
  </footer>
</template>

<style scoped>
.stand {
  height: 40px;
  flex: none;
  border-top: 1px solid var(--ink);
  background: var(--sheet);
  display: flex;
  align-items: center;
  padding: 0 12px 0 20px;
  font-size: 13px;
  white-space: nowrap;
  overflow: hidden;
}
.part {
  padding: 0 14px;
  border-right: 1px solid var(--line);
  display: flex;
  gap: 7px;
  align-items: center;
  color: inherit;
  text-decoration: none;
}
.part:hover {
  text-decoration: underline;
}
.part:first-child {
  padding-left: 0;
}
.last {
  border: 0;
}
.home {
  max-width: 170px;
}
.right {
  margin-left: auto;
  display: flex;
  gap: 14px;
  align-items: center;
  color: var(--quiet);
  padding-left: 12px;
  flex: 1 1 auto;
  min-width: 0;
  justify-content: flex-end;
}
.part,
.right > :not(:first-child) {
  flex: none;
}
@media (max-width: 1340px) {
  .last {
    display: none;
  }
}
@media (max-width: 1180px) {
  .home {
    max-width: 90px;
  }
  /* Only what is amiss has room here; all the same it is said aloud. */
  .kept:not(.must) {
    position: absolute;
    clip-path: inset(50%);
  }
  .part {
    padding: 0 9px;
  }
}
@media (max-width: 820px) {
  .stand {
    height: auto;
    min-height: 48px;
    padding: 6px 14px;
    white-space: normal;
    flex-wrap: wrap;
    gap: 2px 10px;
  }
  .right {
    padding-left: 0;
    justify-content: space-between;
  }
  .part {
    display: none;
  }
}
</style>
