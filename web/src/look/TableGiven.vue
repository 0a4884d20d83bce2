<script setup lang="ts">
import { inputOf } from '@/look/targets'

/** A table that is pasted from a spreadsheet, or chosen as a CSV file. */
const {
  rows = 6,
  label = 'The table',
  example = '',
} = defineProps<{ example?: string; rows?: number; label?: string }>()
const text = defineModel<string>({ required: true })
async function file(event: Event) {
  const chosen = inputOf(event).files?.[0]
  if (chosen) text.value = await chosen.text()
}
</script>

<template>
  <textarea
    v-model="text"
    v-focus
    :rows="rows"
    class="mono"
    :aria-label="label"
    :placeholder="example"
    spellcheck="false"
    dir="auto"
  />
  <label class="file"
    ><span class="textlink">Choose a CSV file…</span
    ><input type="file" accept=".csv,.tsv,.txt,text/csv" class="unseen" @change="file"
  /></label>
</template>

<style scoped>
textarea {
  width: 100%;
  margin-top: 10px;
  border: 1px solid var(--line);
  border-radius: 3px;
  background: var(--paper);
  color: inherit;
  padding: 8px 10px;
  font-size: 13px;
}
.file:focus-within {
  outline: 2px solid var(--juniper);
}
</style>
