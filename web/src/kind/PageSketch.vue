<script setup lang="ts">
import type { KindLine } from '@/api/types'

/** A page drawn small: the columns beside its content, or the band of its title. */
defineProps<{ shows: KindLine['shows']; of: 'columns' | 'band' }>()
const LINES = [8, 13, 18, 23]
</script>

<template>
  <svg viewBox="0 0 44 30" width="44" height="30" aria-hidden="true">
    <rect class="page" x="0.75" y="0.75" width="42.5" height="28.5" />
    <template v-if="of === 'columns'">
      <rect
        v-if="shows.left"
        :class="shows.inLeft.length ? 'side' : 'empty'"
        x="1.5"
        y="1.5"
        width="10"
        height="27"
      />
      <rect
        v-if="shows.right"
        :class="shows.inRight.length ? 'side' : 'empty'"
        x="32.5"
        y="1.5"
        width="10"
        height="27"
      />
      <line
        v-for="y in LINES"
        :key="y"
        class="words"
        :x1="shows.left ? 15 : 7"
        :x2="(shows.right ? 29 : 37) - (y === 23 ? 6 : 0)"
        :y1="y"
        :y2="y"
      />
    </template>
    <template v-else>
      <rect v-if="shows.band === 'PICTURE'" class="picture" x="1.5" y="1.5" width="41" height="13" />
      <rect v-else-if="shows.band === 'WORDS'" class="wash" x="1.5" y="1.5" width="41" height="13" />
      <rect class="title" :class="{ over: shows.band === 'PICTURE' }" x="6" :y="7" width="19" height="3" />
    </template>
  </svg>
</template>

<style scoped>
svg {
  display: block;
}
.page {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.side {
  fill: var(--juniper);
}
.empty {
  fill: none;
  stroke: var(--juniper);
  stroke-dasharray: 2 2;
}
.words {
  stroke: var(--quiet);
  stroke-width: 1.5;
}
.picture {
  fill: var(--ink);
}
.wash {
  fill: var(--line);
}
.title {
  fill: var(--ink);
}
.over {
  fill: var(--sheet);
}
</style>
