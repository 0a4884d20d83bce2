<script setup lang="ts">
import { computed } from 'vue'
import type { PlanRow } from '@/api/types'
import { useSite } from '@/site/useSite'
import { MEETING_WORDS, meetsRow, saidHere, type Lane, type Meeting } from './gates'

/** What each group of visitors meets at a page, and what the page says of that itself. */
const props = defineProps<{ row: PlanRow; lanes: Lane[] }>()
const site = useSite()
const said = computed(() => saidHere(props.row.gate, site.catalog?.groups ?? []))
const hint = (lane: Lane) => `${lane.label}: ${MEETING_WORDS[meetsRow(props.row, lane)]}`
const MARKS: Record<Meeting, string> = { opens: '●', asked: '⇥', refused: '–', hidden: '⊘' }
</script>

<template>
  <div
    v-for="l in lanes"
    :key="l.key"
    :class="['lane', meetsRow(row, l)]"
    role="img"
    :aria-label="hint(l)"
    :title="hint(l)"
  >
    {{ MARKS[meetsRow(row, l)] }}
  </div>
  <div class="said cut" :title="said">{{ said }}</div>
</template>

<style scoped>
.lane {
  width: 62px;
  flex: none;
  display: grid;
  place-items: center;
  font-size: 16px;
}
.opens {
  color: var(--ink);
}
.asked {
  color: var(--ochre-ink);
  font-size: 16px;
}
.refused {
  color: var(--line);
}
.hidden {
  color: var(--ink);
  font-size: 16px;
}
.said {
  width: 210px;
  flex: none;
  align-self: center;
  padding: 0 12px;
  color: var(--quiet);
}
@media (max-width: 1150px) {
  .said {
    width: 96px;
  }
}
@media (max-width: 820px) {
  .lane:not(:first-of-type),
  .said {
    display: none;
  }
}
</style>
