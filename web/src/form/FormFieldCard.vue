<script setup lang="ts">
import { computed } from 'vue'
import type { FormField, Value } from '@/api/types'
import WrittenInput from '@/edit/WrittenInput.vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import PropertyInput from '@/property/PropertyInput.vue'
import { provideThese } from '@/property/fieldsHere'
import { useSite } from '@/site/useSite'
import { newField } from '@/property/fields'
import { ofKind, settingsOf, told } from './formFields'

/** One thing that a form asks for: a line, which unfolds into all that can be said of it. */
const props = defineProps<{ field: FormField; all: FormField[]; open: boolean; still: boolean }>()
const emit = defineEmits<{ set: [field: FormField]; unfold: [is: boolean]; away: []; move: [by: 1 | -1] }>()
const site = useSite()
const kinds = computed(() => site.catalog?.fieldKinds ?? [])
const kind = computed(() => kinds.value.find((k) => k.key === props.field.type))
const settings = computed(() => settingsOf(props.field, kind.value))
const WIDE = ['LINES', 'RICH', 'MANY']
/** Only what is asked before it can say whether it is shown. */
provideThese(() =>
  props.all
    .slice(
      0,
      Math.max(
        0,
        props.all.findIndex((f) => f.key === props.field.key),
      ),
    )
    .map((f) => ({ ...newField(f.label, '', []), key: f.key })),
)
const line = computed(() =>
  told(
    props.field,
    kind.value,
    (key) => props.all.find((f) => f.key === key)?.label ?? 'a field that is gone',
  ),
)
function set(key: string, value: Value | undefined) {
  const next = { ...props.field.settings }
  if (value === undefined || value === '') delete next[key]
  else next[key] = value
  emit('set', { ...props.field, settings: next })
}
function change(to?: string) {
  const next = kinds.value.find((k) => k.key === to)
  if (next) emit('set', ofKind(props.field, next))
}
</script>

<template>
  <article class="card" :class="{ open }" :data-field="field.key">
    <header @keydown.alt.up.prevent="emit('move', -1)" @keydown.alt.down.prevent="emit('move', 1)">
      <span v-if="!still" class="grip" title="Drag to move, or Alt and arrows" aria-hidden="true">⋮⋮</span>
      <button type="button" class="name" :aria-expanded="open" @click="emit('unfold', !open)">
        <b dir="auto">{{ field.label }}</b>
        <span class="label two-lines">{{ line }}</span>
      </button>
      <span v-if="field.settings.required === true || field.type === 'consent'" class="tag">asked for</span>
    </header>
    <div v-if="open" class="more" :inert="still || undefined">
      <label class="wide">
        <span class="label">Label</span>
        <WrittenInput
          class="boxed"
          :value="field.label"
          maxlength="120"
          @written="(label) => emit('set', { ...field, label })"
        />
      </label>
      <div class="wide">
        <span class="label">Takes</span>
        <ChoiceOf
          :model-value="field.type"
          :items="kinds.map((k) => ({ value: k.key, title: k.name }))"
          label="Takes"
          @update:model-value="change"
        />
      </div>
      <PropertyInput
        v-for="p in settings"
        :key="`${field.type}/${p.key}`"
        :class="{ wide: WIDE.includes(p.type) }"
        :property="p"
        :value="field.settings[p.key]"
        @change="(v) => set(p.key, v)"
      />
      <p class="wide row-flex">
        <span class="label grow"
          >Tables call it <span class="mono">{{ field.key }}</span>, whatever its label says.</span
        >
        <v-btn v-if="!still" @click="emit('away')">Take it off</v-btn>
      </p>
    </div>
  </article>
</template>

<style scoped>
header {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 4px 14px;
}
.grip {
  cursor: grab;
  color: var(--quiet);
  letter-spacing: -2px;
}
.name {
  flex: 1;
  min-width: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  padding: 6px 0;
}
.name b {
  display: block;
  font: 600 15px/20px var(--display);
  overflow-wrap: anywhere;
}
.tag {
  font-size: 12px;
  line-height: 18px;
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 0 6px;
  color: var(--quiet);
  white-space: nowrap;
}
.more {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 14px 18px;
  padding: 10px 14px 18px 38px;
}
.wide {
  grid-column: 1 / -1;
}
</style>
