<script setup lang="ts">
import { useEdits } from '@/edit/useEdits'
import { useSite } from '@/site/useSite'
import { useGalley } from './useGalley'

/** Stands where a section was until something else is done. */
const galley = useGalley()
const site = useSite()
const edits = useEdits()
function putBack() {
  galley.gone.value = null
  void edits.turn(site.id, 'undo')
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
