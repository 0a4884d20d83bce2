<script setup lang="ts">
import type { ReleaseEntry } from '@/api/types'
import { FATES } from './releaseWords'

/** What differs, one line each; the one that is chosen is looked at. */
defineProps<{ entries: ReleaseEntry[]; more?: number }>()
const at = defineModel<string>({ required: true })
</script>

<template>
  <ul tabindex="0" aria-label="What differs">
    <li v-for="e in entries" :key="e.item">
      <button type="button" :aria-pressed="at === e.item" @click="at = e.item">
        <span class="state" :class="FATES[e.fate].tone">{{ FATES[e.fate].mark }}</span>
        <b dir="auto">{{ e.name }}</b>
        <span class="quiet cut">{{ e.says.join('; ') }}</span>
      </button>
    </li>
    <li v-if="!entries.length" class="quiet none">Nothing differs for visitors.</li>
    <li v-if="more" class="quiet none">and {{ more.toLocaleString('en-GB') }} more</li>
  </ul>
</template>

<style scoped>
ul {
  list-style: none;
  max-height: 132px;
  overflow-y: auto;
  margin-bottom: 10px;
  background: var(--sheet);
  border: 1px solid var(--line);
  flex: none;
}
button {
  display: flex;
  gap: 8px;
  width: 100%;
  border: 0;
  border-bottom: 1px solid var(--line2);
  border-left: 3px solid transparent;
  background: none;
  color: inherit;
  font: 13px/18px var(--text);
  padding: 5px 10px;
  text-align: start;
}
button b {
  flex: 0 1 auto;
  overflow-wrap: anywhere;
}
button[aria-pressed='true'] {
  border-left-color: var(--juniper);
  background: var(--juniper-wash);
}
.none {
  padding: 6px 12px;
}
</style>
