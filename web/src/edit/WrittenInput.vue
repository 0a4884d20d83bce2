<script setup lang="ts">
import { computed, ref, watch } from 'vue'

/**
 * A line, or lines, read when they are left or with Enter. What is being written stays as it is, whatever arrives meanwhile; Esc
 * gives it up.
 */
const props = defineProps<{ value: string | number | undefined; rows?: number }>()
const emit = defineEmits<{ written: [words: string, input: HTMLInputElement] }>()
const kept = computed(() => String(props.value ?? ''))
const draft = ref<string | null>(null)
const here = ref(false)
const shown = computed(() => draft.value ?? kept.value)
/** What was written is shown until it comes back as kept. */
watch(kept, () => {
  if (!here.value) draft.value = null
})

const words = (event: Event) => (event.target as HTMLInputElement).value
const leave = (event: Event) => (event.target as HTMLElement).blur()
function left(event: Event) {
  here.value = false
  if (draft.value === null) return
  if (draft.value === kept.value) draft.value = null
  else emit('written', draft.value, event.target as HTMLInputElement)
}
function giveUp(event: KeyboardEvent) {
  if (draft.value === null) return
  event.stopPropagation()
  draft.value = null
}
</script>

<template>
  <textarea
    v-if="rows"
    :value="shown"
    :rows="rows"
    dir="auto"
    @input="draft = words($event)"
    @focus="here = true"
    @blur="left"
    @keydown.esc="giveUp"
  />
  <input
    v-else
    :value="shown"
    dir="auto"
    @input="draft = words($event)"
    @focus="here = true"
    @blur="left"
    @keydown.enter="leave"
    @keydown.esc="giveUp"
  />
</template>
