<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import {
  dayWords,
  isoOf,
  later,
  monthsLater,
  monthWords,
  today,
  weekdays,
  weeksOf,
  type Day,
} from '@/words/dates'

/** One month, of which a day is chosen; walked with the arrows, by months with Page Up and Page Down. */
const props = defineProps<{ chosen: Day | null }>()
const emit = defineEmits<{ choose: [day: Day] }>()
const at = ref<Day>(props.chosen ?? today())
const grid = ref<HTMLElement | null>(null)
const weeks = computed(() => weeksOf(at.value))
const same = (a: Day | null, b: Day) => a !== null && isoOf(a) === isoOf(b)
const STEPS: Record<string, (d: Day) => Day> = {
  ArrowLeft: (d) => later(d, -1),
  ArrowRight: (d) => later(d, 1),
  ArrowUp: (d) => later(d, -7),
  ArrowDown: (d) => later(d, 7),
  PageUp: (d) => monthsLater(d, -1),
  PageDown: (d) => monthsLater(d, 1),
}
async function walk(event: KeyboardEvent) {
  const step = STEPS[event.key]
  if (!step) return
  event.preventDefault()
  event.stopPropagation()
  at.value = step(at.value)
  await nextTick()
  grid.value?.querySelector<HTMLElement>('[tabindex="0"]')?.focus()
}
</script>

<template>
  <div class="month">
    <div class="row-flex">
      <b class="grow" aria-live="polite">{{ monthWords(at) }}</b>
      <button type="button" aria-label="The month before" @click="at = monthsLater(at, -1)">earlier</button>
      <button type="button" aria-label="The month after" @click="at = monthsLater(at, 1)">later</button>
    </div>
    <table ref="grid" role="grid" :aria-label="monthWords(at)" @keydown="walk">
      <thead>
        <tr>
          <th v-for="d in weekdays()" :key="d.long" scope="col" :abbr="d.long">{{ d.short }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="week in weeks" :key="isoOf(week[0]!)">
          <td v-for="d in week" :key="isoOf(d)" role="gridcell" :aria-selected="same(chosen, d)">
            <button
              type="button"
              :class="{ other: d.month !== at.month, now: same(today(), d) }"
              :aria-label="dayWords(d)"
              :tabindex="same(at, d) ? 0 : -1"
              @click="emit('choose', d)"
            >
              {{ d.day }}
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.month {
  width: 232px;
  border: 1px solid var(--ink);
  border-radius: 3px;
  background: var(--sheet);
  padding: 8px 10px;
}
.row-flex button {
  border: 0;
  background: none;
  color: var(--juniper);
  font: 12.5px/24px var(--text);
  padding: 0;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  font: 11.5px/20px var(--text);
  color: var(--quiet);
  border-bottom: 1px solid var(--line);
}
td {
  padding: 0;
}
td button {
  width: 100%;
  border: 0;
  border-bottom: 2px solid transparent;
  background: none;
  color: inherit;
  font: 13px/24px var(--text);
  padding: 0;
}
td button:hover {
  background: var(--juniper-wash);
}
.other {
  color: var(--quiet);
}
.now {
  font-weight: 700;
}
[aria-selected='true'] button {
  border-color: var(--juniper);
  font-weight: 700;
}
</style>
