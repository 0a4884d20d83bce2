<script setup lang="ts">
import { computed } from 'vue'
import { useTyping } from '@/edit/useTyping'
import type { Asked, Told } from './asked'
import { promptOf, textOf } from './values'
import { whyUnfit } from './whyUnfit'

/** Words, lines and numbers, typed. What does not fit stays as it is written, and is not kept before it does. */
const props = defineProps<Asked>()
const emit = defineEmits<Told>()
const { typed, writing, write, left: leave } = useTyping(() => textOf(props.value), tell)
const prompt = computed(() => promptOf(props.value))
const TYPES: Record<string, string> = {
  NUMBER: 'number',
  COLOUR: 'color',
}
const inputType = computed(() => TYPES[props.property.type as string] ?? 'text')
const placeholder = computed(() => {
  const fallback = props.property.fallback
  return (
    prompt.value || (typeof fallback === 'string' || typeof fallback === 'number' ? String(fallback) : '')
  )
})
const wraps = computed(
  () => props.property.type === 'LINES' || (props.plain && props.property.type === 'WORDS'),
)

function tell(words: string): boolean {
  const why = whyUnfit(props.property, words)
  emit('trouble', why)
  if (why) return false
  const number = props.property.type === 'NUMBER'
  emit('change', number ? numberOf(words) : words === '' && prompt.value ? undefined : words)
  return true
}
function numberOf(words: string): number | undefined {
  return words.trim() === '' || Number.isNaN(Number(words)) ? undefined : Number(words)
}
/** Words written in place wrap, but hold no line breaks. */
function oneLine(event: KeyboardEvent) {
  if (props.property.type === 'WORDS') event.preventDefault()
}
function left() {
  leave()
  emit('leave')
}
</script>

<template>
  <textarea
    v-if="wraps"
    v-model="typed"
    :rows="property.type === 'LINES' ? 2 : 1"
    dir="auto"
    :spellcheck="!property.sameInAll"
    :placeholder="prompt"
    :aria-label="name ?? property.label"
    :class="{ plain, fill: prompt && !typed }"
    @keydown.enter="oneLine"
    @focus="writing = true"
    @input="write(typed)"
    @blur="left"
  />
  <input
    v-else
    v-model="typed"
    :type="inputType"
    dir="auto"
    :spellcheck="!property.sameInAll"
    :autocapitalize="property.sameInAll ? 'none' : undefined"
    :placeholder="placeholder"
    :min="property.range?.min"
    :max="property.range?.max"
    :aria-label="name ?? property.label"
    :class="{ plain, fill: prompt && !typed }"
    @focus="writing = true"
    @input="write(typed)"
    @blur="left"
  />
</template>

<style scoped>
input,
textarea {
  width: 100%;
  border: 1px solid var(--line);
  border-radius: 3px;
  background: var(--sheet);
  color: inherit;
  font: 14px/20px var(--text);
  padding: 6px 9px;
  resize: vertical;
}
.plain {
  border-color: transparent;
  padding: 1px 4px;
  margin-left: -5px;
  font: inherit;
  letter-spacing: inherit;
  background: transparent;
}
.plain:hover {
  border-color: var(--line);
}
textarea.plain {
  field-sizing: content;
  resize: none;
  display: block;
}
.fill::placeholder {
  color: var(--ochre-ink);
  opacity: 1;
  text-overflow: ellipsis;
}
.plain.fill {
  background: var(--ochre-wash);
  border-bottom: 1px dashed var(--ochre);
}
</style>
