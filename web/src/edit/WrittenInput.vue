<script setup lang="ts">
import { type Field, fieldOf } from '@/look/targets'
import { computed, ref, watch } from 'vue'
import { useEdits } from './useEdits'

/**
 * A line, or lines, read when they are left or with Enter. What is being written stays as it is, whatever arrives meanwhile; Esc
 * gives it up.
 */
const props = defineProps<{ value: string | number | undefined; rows?: number }>()
const emit = defineEmits<{ written: [words: string, input: Field] }>()
const kept = computed(() => String(props.value ?? ''))
const draft = ref<string | null>(null)
const here = ref(false)
const edits = useEdits()
/** What stood here when the writing began: if it is something else when it ends, somebody else has changed it. */
let began = ''
/** What was written here last, and may come back as kept while the next is written. */
let last = ''
/** Whether something was written since it was told last: what was refused stays here, and is not told again unchanged. */
let fresh = false
const shown = computed(() => draft.value ?? kept.value)
/** What was written is shown until it comes back as kept. */
watch([kept, () => edits.yielded], () => {
  if (!here.value) draft.value = null
})

const words = (event: Event) => fieldOf(event).value
/** Focus stays; Enter that only takes what an input method offers tells nothing. */
function enter(event: KeyboardEvent) {
  if (!event.isComposing) left(event)
}
function write(event: Event) {
  if (draft.value === null || !here.value) began = kept.value
  here.value = fresh = true
  draft.value = words(event)
}
function focus() {
  here.value = true
  if (draft.value === null) began = kept.value
}
function left(event: Event) {
  here.value = false
  const mine = draft.value
  if (mine === null || !fresh) return
  fresh = false
  const theirs = kept.value
  const input = fieldOf(event)
  const tell = () => emit('written', (last = mine), input)
  if (mine === theirs) draft.value = null
  else if (theirs === began || theirs === last) tell()
  else edits.dispute('Somebody changed this meanwhile.', { keepMine: tell, texts: { mine, theirs } })
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
    @input="write"
    @focus="focus"
    @blur="left"
    @keydown.esc="giveUp"
  />
  <input
    v-else
    :value="shown"
    dir="auto"
    @input="write"
    @focus="focus"
    @blur="left"
    @keydown.enter="enter"
    @keydown.esc="giveUp"
  />
</template>
