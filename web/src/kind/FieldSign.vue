<script setup lang="ts">
import { computed } from 'vue'
import type { PropertyType } from '@/api/types'

/** What a field holds, drawn: as it would stand on a printed form. */
const props = defineProps<{ type: PropertyType; several?: boolean }>()
const LINES: Partial<Record<PropertyType, string>> = {
  WORDS: 'M3 12H25',
  LINES: 'M3 5H25M3 10H25M3 15H17',
  RICH: 'M3 4H14M3 9.5H25M3 13H25M3 16.5H19',
  NUMBER: 'M7 4V16M4.5 6L7 4M12 5.5C14 3 18 4.5 16.5 8C15.5 10.5 12.5 13 11.5 16H18M21 14.5L24 16',
  DATE: 'M5 5H23V17H5ZM5 8.5H23M10 2.5V5M18 2.5V5',
  DATE_TIME: 'M2 5H15V17H2ZM2 8.5H15M6 2.5V5M11 2.5V5M23 6.5A4.5 4.5 0 1 0 23.01 6.5M23 8.5V11H25',
  YES_NO: 'M7 4H19V16H7ZM10 10L12.5 13L17.5 6',
  CHOICE: 'M5 5H9V9H5ZM12 7H24M5 12H9V16H5ZM12 14H24',
  PICTURE: 'M4 3H24V17H4ZM4 14L11 9L16 13L19 11L24 15',
  FILE: 'M9 2.5H16L20 6.5V17.5H9ZM16 2.5V6.5H20',
  LINK: 'M3 10H23M18 5L23.5 10L18 15',
  PAGE: 'M8 2.5H20V17.5H8ZM8 6H20M11 10H17M11 13H17',
  TOPIC: 'M4 10L10 4H23V16H10ZM10.5 10H11.5',
  COLOUR: 'M4 4H11V16H4ZM11 4H18V16H11ZM18 4H25V16H18Z',
}
const line = computed(() => LINES[props.type] ?? LINES.WORDS)
</script>

<template>
  <svg viewBox="0 0 30 20" width="30" height="20" aria-hidden="true">
    <path v-if="several" class="behind" :d="line" transform="translate(2.5 -2)" />
    <path :d="line" />
  </svg>
</template>

<style scoped>
svg {
  flex: none;
  display: block;
}
path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.4;
}
.behind {
  opacity: 0.35;
}
</style>
