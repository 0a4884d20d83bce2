<script setup lang="ts">
import { useWorking } from './useWorking'

/** What stands where a screen, or a part of one, will be: its real layout without words, once it takes its time. */
const { shape = 'rows' } = defineProps<{ shape?: Shape }>()
const { slow } = useWorking()
const ROWS = 9
const FRAMES = 6
</script>

<script lang="ts">
/** How a screen is laid out: lines beneath a heading, an outline beside a card, two halves, frames in rows. */
export type Shape = 'rows' | 'outline' | 'halves' | 'frames'
</script>

<template>
  <div v-if="slow" class="awaited" :class="shape" aria-hidden="true">
    <template v-if="shape === 'halves'">
      <i class="across" />
      <div><i v-for="n in ROWS" :key="n" class="bar" /></div>
      <i class="frame" />
    </template>
    <template v-else-if="shape === 'frames'"><i v-for="n in FRAMES" :key="n" class="frame" /></template>
    <template v-else>
      <div><i v-for="n in ROWS" :key="n" class="bar" /></div>
      <i v-if="shape === 'outline'" class="frame" />
    </template>
  </div>
</template>

<style scoped>
.awaited {
  padding: 20px;
  display: grid;
  gap: 20px;
  height: 100%;
  overflow: hidden;
  align-content: start;
}
i {
  display: block;
  background: color-mix(in srgb, var(--ink) 9%, transparent);
  animation: breathe 1.6s ease-in-out infinite alternate;
}
.bar {
  height: 14px;
  margin-bottom: 16px;
}
.bar:nth-child(3n + 1) {
  width: 62%;
}
.bar:nth-child(3n + 2) {
  width: 84%;
}
.bar:nth-child(3n) {
  width: 48%;
}
.outline,
.halves {
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  align-content: stretch;
}
.outline {
  grid-template-columns: minmax(0, 1fr) minmax(0, 360px);
}
.outline .bar:nth-child(n + 3) {
  margin-left: 24px;
}
.halves {
  grid-template-rows: 44px minmax(0, 1fr);
}
.across {
  grid-column: 1 / -1;
}
.frames {
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 260px), 1fr));
}
.frames .frame {
  height: 190px;
}
@keyframes breathe {
  from {
    opacity: 1;
  }
  to {
    opacity: 0.55;
  }
}
@media (prefers-reduced-motion: reduce) {
  i {
    animation: none;
  }
}
@media (forced-colors: active) {
  i {
    border: 1px solid GrayText;
  }
}
@media (max-width: 700px) {
  .outline,
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
  .awaited > .frame:last-child:not(:first-child, .frames *) {
    display: none;
  }
}
</style>
