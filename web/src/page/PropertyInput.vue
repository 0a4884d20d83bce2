<script setup lang="ts">
import { useThrottleFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { Property, Value } from '@/api/types'
import LinkField from './LinkField.vue'
import ManyInput from './ManyInput.vue'
import PictureField from './PictureField.vue'
import RichInput from './RichInput.vue'
import { groupsOf, isBound, isToFill, promptOf, textOf } from './values'
import { useSite } from '@/site/useSite'
import HoldsInput from '@/kind/HoldsInput.vue'
import { sameWords } from './sameWords'
import { whyUnfit } from './whyUnfit'

/** The input for one declared property. `plain` leaves out the label, for writing in place. */
const props = defineProps<{
  property: Property
  value: unknown
  plain?: boolean
  name?: string
  /** The width of the column it stands in, in pixels, and the shape chosen beside it: for pictures. */
  room?: number
  shape?: string
}>()
const emit = defineEmits<{ change: [value: Value | undefined]; leave: [] }>()
const site = useSite()
/** The first keystroke is sent at once, those that follow together. */
const BETWEEN_MS = 250
const typed = ref(textOf(props.value))
const focused = ref(false)
let sent = typed.value
/** What is wrong with what is written; it stays as it is written until it fits, and is not kept before. */
const trouble = ref('')

watch(
  () => props.value,
  (value) => {
    const words = textOf(value)
    // While somebody writes here, only what somebody else has written meanwhile is taken over, and never over what is unsent.
    const others = typed.value === sent && !sameWords(words, typed.value)
    if ((!focused.value || others) && !trouble.value) typed.value = sent = words
  },
)
const prompt = computed(() => promptOf(props.value))
const effective = computed(() => props.value ?? props.property.fallback)
const tell = useThrottleFn(send, BETWEEN_MS, true, true)

function send() {
  // A number input gives numbers.
  typed.value = String(typed.value)
  if (typed.value === sent) return
  trouble.value = whyUnfit(props.property, typed.value)
  if (trouble.value) return
  sent = typed.value
  if (props.property.type !== 'NUMBER')
    return emit('change', typed.value === '' && prompt.value ? undefined : typed.value)
  const number = Number(typed.value)
  emit('change', typed.value.trim() === '' || Number.isNaN(number) ? undefined : number)
}
function wrote(html: string) {
  typed.value = html
  emit('change', html)
}
/** Words written in place wrap, but hold no line breaks. */
function oneLine(event: KeyboardEvent) {
  if (props.property.type === 'WORDS') event.preventDefault()
}
function left() {
  focused.value = false
  send()
  emit('leave')
}
/** How wide a picture should be to look sharp here, in pixels. */
const least = computed(() => {
  const slot = props.property.slot
  return slot ? slot.pixels || Math.round(props.room ?? site.catalog?.type.pageWidth ?? 0) : 0
})
const slotWords = computed(() => {
  const shape = props.shape || props.property.slot?.shape
  return least.value ? `${least.value} px wide or more${shape ? `, ${shape}` : ''}` : ''
})
const kinds = computed(() => (site.catalog?.kinds ?? []).map((k) => ({ value: k.id, title: k.name })))
const pages = computed(() =>
  props.property.type === 'PAGE' ? [...site.rows.values()].map((r) => ({ value: r.id, title: r.title })) : [],
)
const choices = computed(() => props.property.choices.map((c) => ({ value: c.value, title: c.label })))
const inputType = computed(
  () =>
    ({ NUMBER: 'number', DATE: 'date', DATE_TIME: 'datetime-local', COLOUR: 'color' })[
      props.property.type as string
    ] ?? 'text',
)
</script>

<template>
  <div class="input" :class="{ plain }" :data-to-fill="isToFill(value) ? '' : undefined">
    <label v-if="!plain" class="label">
      {{ property.label }}<template v-if="property.unit"> · {{ property.unit }}</template
      ><template v-if="property.required"> · asked for</template>
    </label>
    <RichInput
      v-if="property.type === 'RICH'"
      :value="typed"
      :prompt="prompt || (plain ? 'Write here' : '')"
      :label="name ?? property.label"
      @change="wrote"
      @leave="emit('leave')"
    />
    <textarea
      v-else-if="property.type === 'LINES' || (plain && property.type === 'WORDS')"
      v-model="typed"
      :rows="property.type === 'LINES' ? 2 : 1"
      dir="auto"
      :placeholder="prompt"
      :aria-label="name ?? property.label"
      :class="{ fill: prompt && !typed }"
      @keydown.enter="oneLine"
      @focus="focused = true"
      @input="tell"
      @blur="left"
    />
    <PictureField
      v-else-if="property.type === 'PICTURE' || property.type === 'FILE'"
      :sort="property.type"
      :value="textOf(value)"
      :prompt="prompt"
      :bound="isBound(value)"
      :slot-words="slotWords"
      :least="least"
      @take="(v) => emit('change', v ?? undefined)"
    />
    <LinkField
      v-else-if="property.type === 'LINK'"
      :value="textOf(value)"
      @take="(v) => emit('change', v ?? undefined)"
    />
    <HoldsInput
      v-else-if="property.type === 'MANY' && property.entries[0]?.type === 'KIND'"
      :value="value"
      inherited="As inherited"
      @change="(v) => emit('change', v)"
    />
    <v-autocomplete
      v-else-if="property.type === 'PAGE'"
      :model-value="textOf(value) || null"
      :items="pages"
      clearable
      :aria-label="name ?? property.label"
      placeholder="Name a page"
      @update:model-value="(v: unknown) => emit('change', v ? String(v) : undefined)"
    />
    <ManyInput
      v-else-if="property.type === 'MANY'"
      :property="property"
      :groups="groupsOf(value)"
      :room="room"
      @change="(v) => emit('change', v)"
      @leave="emit('leave')"
    />
    <v-checkbox
      v-else-if="property.type === 'YES_NO'"
      :model-value="effective === true"
      :label="plain ? property.label : 'Yes'"
      @update:model-value="(v: unknown) => emit('change', v === true)"
    />
    <v-select
      v-else-if="property.type === 'CHOICE'"
      :model-value="effective"
      :items="choices"
      :aria-label="name ?? property.label"
      @update:model-value="(v: unknown) => emit('change', String(v))"
    />
    <v-select
      v-else-if="property.type === 'KIND'"
      :model-value="effective"
      :items="kinds"
      :aria-label="name ?? property.label"
      @update:model-value="(v: unknown) => emit('change', String(v))"
    />
    <input
      v-else
      v-model="typed"
      :type="inputType"
      dir="auto"
      :placeholder="
        prompt ||
        (typeof property.fallback === 'string' || typeof property.fallback === 'number'
          ? String(property.fallback)
          : '')
      "
      :min="property.range?.min"
      :max="property.range?.max"
      :aria-label="name ?? property.label"
      :class="{ fill: prompt && !typed }"
      @focus="focused = true"
      @input="tell"
      @blur="left"
    />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-else-if="property.help && !plain" class="label">{{ property.help }}</p>
  </div>
</template>

<style scoped>
.input {
  min-width: 0;
}
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
.plain input,
.plain textarea {
  border-color: transparent;
  padding: 1px 4px;
  margin-left: -5px;
  font: inherit;
  letter-spacing: inherit;
  background: transparent;
}
.plain input:hover,
.plain textarea:hover {
  border-color: var(--line);
}
.plain textarea {
  field-sizing: content;
  resize: none;
  display: block;
}
.trouble {
  color: var(--brick);
  font-size: 13px;
  line-height: 18px;
}
.fill::placeholder {
  color: var(--ochre-ink);
  opacity: 1;
}
.plain .fill {
  background: var(--ochre-wash);
  border-bottom: 1px dashed var(--ochre);
}
</style>
