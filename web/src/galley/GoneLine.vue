<script setup lang="ts">
import { useTurning } from '@/site/useTurning'
import { useGalley } from './useGalley'

/** Stands where a section was until something else is done. */
const galley = useGalley()
const { turn } = useTurning()
function putBack() {
  galley.gone.value = null
  void turn('undo')
}
</script>

<template>
  <p class="gone-line">
    <span class="cut">“{{ galley.gone.value?.name }}” is taken out.</span>
    <button type="button" class="textlink" @click="putBack">Put it back</button>
  </p>
</template>

<style scoped>
.gone-line {
  display: flex;
  gap: 10px;
  padding: 7px 12px;
  border: 1px dashed var(--line);
  border-radius: 3px;
  color: var(--quiet);
}
button {
  flex: none;
}
</style>
