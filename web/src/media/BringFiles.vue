<script setup lang="ts">
import { inputOf } from '@/look/targets'
/** Chooses files of one's own computer to be brought in. */
defineProps<{ label: string; strong?: boolean }>()
const emit = defineEmits<{ bring: [files: FileList | null] }>()
function bring(event: Event) {
  const input = inputOf(event)
  emit('bring', input.files)
  input.value = ''
}
</script>

<template>
  <label :class="{ strong }">
    <input type="file" multiple class="unseen" @change="bring" />
    {{ label }}
  </label>
</template>

<style scoped>
label {
  color: var(--juniper);
  font: 13px/24px var(--text);
  text-decoration: underline;
  cursor: pointer;
}
.strong {
  border: 1px solid var(--ink);
  border-radius: 3px;
  background: var(--sheet);
  color: var(--ink);
  font: 500 13px/28px var(--text);
  text-decoration: none;
  padding: 0 12px;
}
label:focus-within {
  outline: 2px solid var(--juniper);
}
</style>
