<script setup lang="ts">
import type { SeatRow } from '@/api/types'

/** What runs out, as strips of seats: those that are given, those that are left, and who waits. */
defineProps<{ seats: SeatRow[]; chosen?: string }>()
const emit = defineEmits<{ choose: [item: string] }>()
/** So many are drawn one by one; more of them as a bar. */
const DRAWN = 60
const words = (s: SeatRow) => `${s.given} of ${s.places}`
const over = (s: SeatRow) => Math.max(0, s.given - s.places)
</script>

<template>
  <div class="seats" role="group" aria-label="Places">
    <button
      v-for="s in seats"
      :key="s.item"
      type="button"
      :aria-pressed="chosen === s.item"
      :title="`${s.title}, ${s.when}`"
      @click="emit('choose', s.item)"
    >
      <span class="cut what"
        ><b>{{ s.title }}</b> <span class="quiet">{{ s.when.split(',')[0] }}</span></span
      >
      <span v-if="s.places <= DRAWN" class="drawn" aria-hidden="true">
        <i v-for="n in s.places" :key="n" :class="{ given: n <= s.given }" />
      </span>
      <span v-else class="bar" aria-hidden="true"
        ><i :style="{ width: `${Math.min(100, (100 * s.given) / s.places)}%` }"
      /></span>
      <span class="sum"
        >{{ words(s) }}
        <span v-if="over(s)" class="should">· {{ over(s) }} over</span>
        <span v-if="s.waiting" class="should">· {{ s.waiting }} wait</span></span
      >
    </button>
  </div>
</template>

<style scoped>
.seats {
  padding: 8px 16px 10px;
  border-bottom: 1px solid var(--line);
  max-height: 168px;
  overflow-y: auto;
  flex: none;
}
button {
  display: grid;
  grid-template-columns: minmax(120px, 32%) minmax(0, 1fr) 118px;
  gap: 12px;
  align-items: center;
  width: 100%;
  border: 0;
  border-left: 3px solid transparent;
  background: none;
  color: inherit;
  font: 13px/26px var(--text);
  text-align: left;
  padding: 0 0 0 8px;
}
button[aria-pressed='true'] {
  border-color: var(--juniper);
  background: var(--sheet);
}
.what b {
  font-weight: 600;
}
.drawn {
  display: flex;
  gap: 2px;
}
.drawn i {
  flex: 0 1 7px;
  height: 12px;
  border: 1px solid var(--quiet);
}
.drawn i.given {
  background: var(--juniper);
  border-color: var(--juniper);
}
.bar {
  height: 12px;
  border: 1px solid var(--quiet);
}
.bar i {
  display: block;
  height: 100%;
  background: var(--juniper);
}
.sum {
  white-space: nowrap;
}
</style>
