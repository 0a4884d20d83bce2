<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Logged, PlannedRelease } from '@/api/types'
import { counted } from '@/words/counted'
import { nearDayWords } from '@/words/dates'
import { comingAt, months, PAST, placed } from './linePlaces'
import { clockWords } from '@/words/clockWords'
import { releaseLabel } from './releaseWords'

/**
 * Releases along a rule of time: those that were as marks, the live one filled, those to come hollow on a dashed part, going back as an
 * arc. One that is chosen is looked at, and two are compared.
 *
 * @param more whether there were releases before these
 */
const props = defineProps<{ log: Logged[]; more: boolean; planned: PlannedRelease[] }>()
const emit = defineEmits<{ list: [] }>()
/** The numbers of past releases, two at most. */
const numbers = defineModel<number[]>('numbers', { required: true })
const coming = defineModel<string>('coming', { required: true })
/** So many coming ones are told in words; a release of so many items has a tall mark. */
const TOLD = 3
const TALL = 20
const marks = computed(() => placed(props.log))
const named = computed(() => months(marks.value))
const live = computed(() => marks.value.at(-1))
const at = (number: number) => marks.value.find((m) => m.release.number === number)?.at
const arcs = computed(() =>
  marks.value.flatMap(({ release: r, at: from }) => {
    const to = r.backTo === undefined ? undefined : at(r.backTo)
    return to === undefined ? [] : [{ number: r.number, back: r.backTo, from, to }]
  }),
)
/** Which mark has the focus; marks are one stop for the tab key. */
const focused = ref(0)
const row = ref<HTMLElement | null>(null)
const all = computed(() => marks.value.length + props.planned.length)
watch(
  () => marks.value.length,
  (n) => (focused.value = Math.max(0, n - 1)),
  { immediate: true },
)
function choose(number: number) {
  coming.value = ''
  const without = numbers.value.filter((n) => n !== number)
  numbers.value =
    without.length < numbers.value.length ? without : [...without.slice(-1), number].sort((a, b) => a - b)
}
function chooseComing(id: string) {
  numbers.value = []
  coming.value = coming.value === id ? '' : id
}
function move(event: KeyboardEvent) {
  const to = {
    ArrowLeft: focused.value - 1,
    ArrowRight: focused.value + 1,
    Home: 0,
    End: all.value - 1,
  }[event.key]
  if (to === undefined) return
  event.preventDefault()
  focused.value = Math.min(all.value - 1, Math.max(0, to))
  row.value?.querySelectorAll<HTMLElement>('.tick')[focused.value]?.focus()
}
const listed = computed(() =>
  props.log.length === 1 ? 'the one release' : `${props.more ? 'the last' : 'all'} ${props.log.length}`,
)
const dayOf = (iso: string) => nearDayWords(iso.slice(0, 10))
</script>

<template>
  <section class="releases-line" aria-label="The line of releases">
    <div
      ref="row"
      class="rule"
      role="group"
      aria-label="Releases by time; two can be compared"
      @keydown="move"
    >
      <span class="says list">
        <span v-if="!log.length" class="quiet">None yet. Visitors see nothing before the first.</span>
        <button v-else type="button" class="textlink" @click="emit('list')">{{ listed }} as a list</button>
      </span>
      <span v-if="!planned.length" class="says nothing quiet">nothing is set for a time</span>
      <span class="been" :style="{ width: `${PAST}%` }" aria-hidden="true" />
      <span class="future" :style="{ left: `${PAST}%` }" aria-hidden="true" />
      <button
        v-for="(m, i) in marks"
        :key="m.release.number"
        type="button"
        class="tick"
        :class="{
          live: m === live,
          tall: m.release.changes >= TALL,
          on: numbers.includes(m.release.number),
        }"
        :style="{ left: `${m.at}%` }"
        :tabindex="focused === i ? 0 : -1"
        :aria-pressed="numbers.includes(m.release.number)"
        :aria-label="releaseLabel(m.release)"
        :title="releaseLabel(m.release)"
        @focus="focused = i"
        @click="choose(m.release.number)"
      />
      <button
        v-for="(p, i) in planned"
        :key="p.id"
        type="button"
        class="tick coming"
        :class="{ on: coming === p.id, stuck: p.holds.overdue || p.holds.missing.length }"
        :style="{ left: `${comingAt(i, planned.length)}%` }"
        :tabindex="focused === marks.length + i ? 0 : -1"
        :aria-pressed="coming === p.id"
        :aria-label="`Set for ${clockWords(p.when.clock)}, ${counted(p.changes, 'change')}, by ${p.when.by}`"
        @focus="focused = marks.length + i"
        @click="chooseComing(p.id)"
      />
      <svg v-if="arcs.length" class="arcs" viewBox="0 0 100 20" preserveAspectRatio="none" aria-hidden="true">
        <path
          v-for="a in arcs"
          :key="a.number"
          :d="`M ${a.from} 1 C ${a.from} 16, ${a.to} 16, ${a.to} 1`"
          vector-effect="non-scaling-stroke"
        />
      </svg>
      <span v-if="live" class="says live-word" :style="{ right: `${100 - live.at}%` }"
        >{{ live.release.number }}, live since {{ dayOf(live.release.at) }}</span
      >
      <span v-for="m in named" :key="m.name" class="says month" :style="{ left: `${m.at}%` }">{{
        m.name
      }}</span>
      <span
        v-for="a in arcs.slice(-2)"
        :key="`b${a.number}`"
        class="says back"
        :style="{ left: `${(a.from + a.to) / 2}%` }"
        >{{ a.number }} went back to {{ a.back }}</span
      >
      <span
        v-for="(p, i) in planned.slice(0, TOLD)"
        :key="`w${p.id}`"
        class="says soon"
        :class="{ must: p.holds.overdue }"
        :style="{ left: `${comingAt(i, planned.length)}%` }"
        >{{ p.holds.overdue ? 'Waits: ' : '' }}{{ clockWords(p.when.clock) }}<br /><span class="quiet"
          >{{ p.when.note || counted(p.changes, 'change') }}, by {{ p.when.by }}</span
        ></span
      >
    </div>
  </section>
</template>

<style scoped>
.releases-line {
  flex: none;
  border-top: 1px solid var(--line);
  padding: 6px 20px 0;
  overflow: hidden;
}
.rule {
  position: relative;
  height: 82px;
}
.been,
.future {
  position: absolute;
  top: 34px;
  left: 0;
  border-top: 2px solid var(--quiet);
}
.future {
  right: 0;
  border-top: 2px dotted var(--quiet);
}
.tick {
  position: absolute;
  top: 20px;
  width: 24px;
  height: 30px;
  min-height: 30px;
  margin-left: -12px;
  border: 0;
  padding: 0;
  background: none;
}
.tick::after {
  content: '';
  position: absolute;
  left: 11px;
  bottom: 14px;
  width: 2px;
  height: 6px;
  background: var(--ink);
}
.tall::after {
  height: 12px;
}
.on::after {
  width: 4px;
  left: 10px;
  height: 18px;
  background: var(--juniper);
}
.live::after,
.coming::after {
  left: 6px;
  bottom: 9px;
  width: 12px;
  height: 12px;
  border-radius: 50%;
  background: var(--juniper);
}
.coming::after {
  box-sizing: border-box;
  border: 2px solid var(--ember);
  background: var(--paper);
}
.stuck::after {
  border-color: var(--brick);
}
.live.on::after {
  outline: 2px solid var(--juniper);
  outline-offset: 2px;
}
.coming.on::after {
  background: var(--ember);
}
.arcs {
  position: absolute;
  top: 37px;
  left: 0;
  width: 100%;
  height: 20px;
  pointer-events: none;
}
path {
  fill: none;
  stroke: var(--ochre);
  stroke-width: 1.5;
}
.says {
  position: absolute;
  font-size: 12.5px;
  line-height: 17px;
  white-space: nowrap;
}
.live-word {
  top: 2px;
  font-weight: 600;
}
.month {
  top: 50px;
  color: var(--quiet);
}
.back {
  top: 62px;
  color: var(--ochre-ink);
  transform: translateX(-50%);
}
.soon {
  top: 46px;
  transform: translateX(-40%);
}
.list {
  top: 2px;
  left: 0;
}
.nothing {
  top: 50px;
  right: 0;
}
@media (max-width: 820px) {
  .soon ~ .soon,
  .month,
  .nothing {
    display: none;
  }
  .soon {
    transform: translateX(-70%);
  }
}
</style>
