<script setup lang="ts">
import { STOPS, type Reach } from './reach'

/** How far somebody's rights reach, as a line along the stops that stand above it. */
defineProps<{ reach: Reach }>()
</script>

<template>
  <span class="reach">
    <i v-for="(stop, i) in STOPS" :key="stop.key" :class="{ reached: i < reach, last: i === reach - 1 }" />
    <span class="words">{{
      STOPS.slice(0, reach)
        .map((s) => s.says)
        .join(', ')
    }}</span>
  </span>
</template>

<style scoped>
.reach {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  align-items: center;
  height: 24px;
  position: relative;
}
i {
  height: 1px;
  background: var(--line);
  position: relative;
}
i.reached {
  height: 3px;
  background: var(--own);
}
i.last::after {
  content: '';
  position: absolute;
  right: 0;
  top: -4px;
  width: 3px;
  height: 11px;
  background: var(--own);
}
.words {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
@media (max-width: 1050px) {
  .reach {
    display: block;
    height: auto;
    color: var(--quiet);
  }
  i {
    display: none;
  }
  .words {
    position: static;
    width: auto;
    height: auto;
    clip-path: none;
  }
}
</style>
