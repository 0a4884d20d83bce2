<script setup lang="ts">
import { inputOf } from '@/look/targets'
import { computed, ref } from 'vue'
import SmallMonth from '@/look/SmallMonth.vue'
import { dayIn, dayWords, isoOf, readDay, readTime, type Day } from '@/words/dates'
import type { Asked, Told } from './asked'
import { promptOf, textOf } from './values'

/** A day, with its time where that is asked, written in the reader’s own words beside a small month. */
const props = defineProps<Asked>()
const emit = defineEmits<Told>()
const timed = computed(() => props.property.type === 'DATE_TIME')
const iso = computed(() => textOf(props.value))
const day = computed(() => dayIn(iso.value))
const time = computed(() => /T(\d\d:\d\d)/.exec(iso.value)?.[1] ?? '')
const words = computed(() => (day.value ? dayWords(day.value) : iso.value))
const label = computed(() => props.name ?? props.property.label)
const unrolled = ref(false)
const MIDDAY = '12:00'

function give(to: Day, at: string) {
  const written = timed.value ? `${isoOf(to)}T${at}` : isoOf(to)
  emit('trouble', '')
  if (written !== iso.value) emit('change', written)
}
function writeDay(event: Event) {
  const written = inputOf(event).value.trim()
  if (written === words.value) return
  if (!written) {
    emit('trouble', '')
    return emit('change', undefined)
  }
  const read = readDay(written)
  if (read) give(read, time.value || MIDDAY)
  else
    emit(
      'trouble',
      `“${written}” is no day of the calendar. Write it as 27 November 2026, or choose it in the month.`,
    )
}
function writeTime(event: Event) {
  const written = inputOf(event).value
  const read = readTime(written)
  if (read && day.value) give(day.value, read)
  else if (!read) emit('trouble', `“${written}” is no time of day. Write it as 19:30.`)
}
function choose(to: Day) {
  unrolled.value = false
  give(to, time.value || MIDDAY)
}
</script>

<template>
  <div class="date" @keydown.esc="unrolled && ($event.stopPropagation(), (unrolled = false))">
    <div class="row-flex">
      <input
        class="boxed grow"
        :value="words"
        dir="auto"
        :placeholder="promptOf(value) || (plain ? property.label : 'a day')"
        :title="plain ? property.label : undefined"
        :aria-label="label"
        @change="writeDay"
        @keydown.enter.prevent="writeDay"
        @blur="emit('leave')"
      />
      <input
        v-if="timed"
        class="boxed time"
        :value="time"
        :disabled="!day"
        placeholder="time"
        :aria-label="`${label}, time of day`"
        @change="writeTime"
        @keydown.enter.prevent="writeTime"
        @blur="emit('leave')"
      />
      <button
        type="button"
        class="textlink"
        :aria-expanded="unrolled"
        :aria-label="`${label}: month`"
        @click="unrolled = !unrolled"
      >
        {{ unrolled ? 'fold' : 'month' }}
      </button>
    </div>
    <SmallMonth v-if="unrolled" :chosen="day" @choose="choose" />
  </div>
</template>

<style scoped>
.date :deep(.month) {
  margin-top: 4px;
}
.time {
  width: 74px;
  flex: none;
}
</style>
