<script setup lang="ts">
import { useWorking } from './useWorking'

/** What takes more than half a second is seen to run. */
const { slow, long } = useWorking()
</script>

<template>
  <div v-if="slow" class="working" role="status"><i role="progressbar" aria-label="Working" /></div>
  <p v-if="long" class="still" role="status">Still fetching: the line is slow, or there is much of it.</p>
</template>

<style scoped>
.working {
  position: fixed;
  z-index: 3000;
  inset: 0 0 auto;
  height: 3px;
  overflow: hidden;
  pointer-events: none;
}
i {
  display: block;
  width: 30%;
  height: 100%;
  background: var(--juniper);
  animation: along 1.4s ease-in-out infinite alternate;
}
.still {
  position: fixed;
  z-index: 3000;
  top: 10px;
  left: 50%;
  transform: translateX(-50%);
  background: var(--ink);
  color: var(--paper);
  border-radius: 3px;
  padding: 4px 12px;
  font-size: 13px;
}
@keyframes along {
  to {
    margin-left: 70%;
  }
}
@media (prefers-reduced-motion: reduce) {
  i {
    width: 100%;
  }
}
@media (forced-colors: active) {
  i {
    background: Highlight;
    forced-color-adjust: none;
  }
  .still {
    border: 1px solid;
  }
}
</style>
