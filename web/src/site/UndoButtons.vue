<script setup lang="ts">
import { useTurning } from './useTurning'

/** Takes back and does again, with the name of what it would be and where it acts. */
const { standing, words, turn } = useTurning()
</script>

<template>
  <span class="turning">
    <button type="button" :disabled="!standing('undo')" :title="words('undo')" @click="turn('undo')">
      <span aria-hidden="true">↶</span> <span class="undo cut">{{ words('undo') }}</span>
    </button>
    <button
      type="button"
      :disabled="!standing('redo')"
      :aria-label="words('redo')"
      :title="words('redo')"
      @click="turn('redo')"
    >
      <span aria-hidden="true">↷</span>
    </button>
  </span>
</template>

<style scoped>
.turning {
  display: flex;
  gap: 2px;
  min-width: 0;
}
button {
  display: flex;
  align-items: center;
  gap: 5px;
  min-height: 28px;
  min-width: 28px;
  justify-content: center;
  flex: none;
  border: 0;
  background: none;
  color: var(--ink);
  font: inherit;
  padding: 0 4px;
}
button:first-child {
  flex: 0 1 auto;
}
button:disabled {
  color: var(--quiet);
  opacity: 0.6;
}
button:not(:disabled):hover .undo {
  text-decoration: underline;
}
.undo {
  max-width: 210px;
}
</style>
