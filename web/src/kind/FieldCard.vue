<script setup lang="ts">
import { computed, ref } from 'vue'
import type { FieldUse, Property, PropertyType, Value } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { counted } from '@/words/counted'
import PropertyInput from '@/property/PropertyInput.vue'
import WrittenInput from '@/edit/WrittenInput.vue'
import FieldLine from './FieldLine.vue'
import { choicesFrom, FIELD_TYPES, isSeveral, typeOf, withType } from '@/property/fields'

/** One field of a kind: a line, which unfolds into all that can be said of it. */
const props = defineProps<{
  use: FieldUse
  one: 'field' | 'option'
  /** What holds values in it. */
  holders: { one: string; many: string }
  open: boolean
  still: boolean
}>()
const emit = defineEmits<{ set: [field: Property]; open: [is: boolean]; away: []; move: [by: 1 | -1] }>()
const field = computed(() => props.use.field)
const type = computed(() => typeOf(field.value))
const several = computed(() => isSeveral(field.value))
const asking = ref(false)
const choices = computed(() =>
  (several.value ? (field.value.entries[0]?.choices ?? []) : field.value.choices)
    .map((c) => c.label)
    .join('\n'),
)
const mayDefault = computed(
  () => !several.value && !['PICTURE', 'FILE', 'PAGE', 'TOPIC', 'LINK'].includes(type.value),
)
const ranged = computed(() => !several.value && ['NUMBER', 'WORDS', 'LINES'].includes(type.value))
const inherit = computed(() => {
  const { one, many } = props.holders
  const follow = counted(props.use.inheriting, `${one} follows it`, `${many} follow it`)
  return props.use.own ? `${follow}; ${props.use.own} have their own` : follow
})

function set(part: Partial<Property>) {
  emit('set', { ...field.value, ...part })
}
function setRange(end: 'min' | 'max', words: string) {
  const range = { ...field.value.range, [end]: words.trim() === '' ? undefined : Number(words) || 0 }
  set({ range: range.min === undefined && range.max === undefined ? undefined : range })
}
function setChoices(lines: string) {
  const before = several.value ? (field.value.entries[0]?.choices ?? []) : field.value.choices
  const next = choicesFrom(lines, before)
  if (several.value) set({ entries: field.value.entries.map((e) => ({ ...e, choices: next })) })
  else set({ choices: next })
}
/** The default is written with the field's own input, without its label and help. */
const fallbackInput = computed(() => ({
  ...field.value,
  label: 'Default',
  help: '',
  required: false,
  fallback: undefined,
}))
function setFallback(value: Value | undefined) {
  set({ fallback: value === '' ? undefined : value })
}
</script>

<template>
  <article class="card" :class="{ open }" :data-field="field.key">
    <header @keydown.alt.up.prevent="emit('move', -1)" @keydown.alt.down.prevent="emit('move', 1)">
      <span v-if="!still" class="grip" title="Drag to move, or Alt and arrows" aria-hidden="true">⋮⋮</span>
      <FieldLine :use="use" :one="one" :open="open" @open="(is) => emit('open', is)" />
    </header>
    <div v-if="open" class="more" :inert="still || undefined">
      <label>
        <span class="label">Label</span>
        <WrittenInput
          class="boxed"
          :value="field.label"
          maxlength="60"
          @written="(label) => set({ label })"
        />
      </label>
      <div>
        <span class="label">Holds</span>
        <ChoiceOf
          :model-value="type"
          :items="FIELD_TYPES"
          label="Holds"
          @update:model-value="(t?: PropertyType) => t && emit('set', withType(field, t, several))"
        />
      </div>
      <label class="wide">
        <span class="label">Help beneath it</span>
        <WrittenInput class="boxed" :value="field.help" maxlength="300" @written="(help) => set({ help })" />
      </label>
      <label v-if="type === 'CHOICE'" class="wide">
        <span class="label">Choices, one on each line, in the order in which they are offered</span>
        <WrittenInput class="boxed" :rows="4" :value="choices" @written="setChoices" />
      </label>
      <label v-if="type === 'NUMBER' && !several">
        <span class="label">Unit; a currency’s code, as EUR, makes it a price</span>
        <WrittenInput
          class="boxed"
          :value="field.unit"
          placeholder="mm, people, EUR"
          maxlength="20"
          @written="(unit) => set({ unit })"
        />
      </label>
      <div v-if="ranged" class="pair">
        <label v-if="type === 'NUMBER'">
          <span class="label">From</span>
          <WrittenInput
            class="boxed"
            type="number"
            :value="field.range?.min"
            @written="(n) => setRange('min', n)"
          />
        </label>
        <label>
          <span class="label">{{ type === 'NUMBER' ? 'To' : 'At most, in characters' }}</span>
          <WrittenInput
            class="boxed"
            type="number"
            :value="field.range?.max"
            @written="(n) => setRange('max', n)"
          />
        </label>
      </div>
      <div v-if="mayDefault" class="wide">
        <PropertyInput
          :property="fallbackInput"
          :value="field.fallback"
          @change="setFallback"
          @leave="() => undefined"
        />
        <p class="label">{{ inherit }}.</p>
      </div>
      <div class="wide ticks">
        <v-checkbox
          :model-value="several"
          label="Several of it"
          @update:model-value="(v: unknown) => emit('set', withType(field, type, v === true))"
        />
        <v-checkbox
          v-if="one === 'field'"
          :model-value="field.required"
          label="Asked for"
          @update:model-value="(v: unknown) => set({ required: v === true })"
        />
        <v-checkbox
          v-if="one === 'field'"
          :model-value="field.shown"
          label="Shown in listings and lists of facts"
          @update:model-value="(v: unknown) => set({ shown: v === true })"
        />
        <v-checkbox
          v-if="one === 'field'"
          :model-value="field.searchable"
          label="Pages are found by it"
          @update:model-value="(v: unknown) => set({ searchable: v === true })"
        />
      </div>
      <p class="wide label">
        Tables and packs call it <span class="mono">{{ field.key }}</span>, whatever its label says.
      </p>
      <div v-if="!asking" class="wide">
        <v-btn class="danger" @click="asking = true">{{
          one === 'field' ? 'Take it off the form…' : 'Take it away…'
        }}</v-btn>
      </div>
      <div v-else class="wide ask" role="alert">
        <p>
          <template v-if="use.own"
            >{{ counted(use.own, `${holders.one} keeps`, `${holders.many} keep`) }} what they hold in it, and
            it comes back with the field.</template
          >
          <template v-else-if="one === 'field'">Nothing is held in it.</template>
          <template v-else>What pages chose is kept, and comes back with it.</template>
          <template v-if="use.places.length"> It no longer shows in {{ use.places.join('; ') }}.</template>
        </p>
        <v-btn class="danger" @click="emit('away')">Take it off</v-btn>
        <v-btn @click="asking = false">Leave it</v-btn>
      </div>
    </div>
  </article>
</template>

<style scoped>
.card.open {
  background: var(--sheet);
  box-shadow: inset 4px 0 0 var(--juniper);
}
header {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 0 14px 0 8px;
  min-height: 52px;
}
.grip {
  cursor: grab;
  color: var(--quiet);
  padding: 0 4px;
  letter-spacing: -2px;
}
.more {
  border-top: 1px solid var(--line2);
  padding: 12px;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px 14px;
}
.wide {
  grid-column: 1 / -1;
}
label {
  display: block;
  min-width: 0;
}
.pair {
  display: flex;
  gap: 10px;
}
.pair label {
  flex: 1;
}
.ticks {
  display: grid;
  grid-template-columns: 1fr 1fr;
}
.ask {
  background: var(--paper);
  border-left: 3px solid var(--brick);
  padding: 9px 12px;
}
.ask .v-btn {
  margin: 8px 8px 0 0;
}
</style>
