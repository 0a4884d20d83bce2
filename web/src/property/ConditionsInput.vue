<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Group, Property, Value } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import type { Asked, Told } from './asked'
import { newField, typeOf } from './fields'
import { useFieldsHere } from './fieldsHere'
import { groupsOf, textOf, withValue } from './values'

/** Conditions on fields: what must hold, read as a sentence from left to right. */
const props = defineProps<Asked>()
const emit = defineEmits<Told>()
defineSlots<{ value(one: { asked: Asked; change: (value: Value | undefined) => void }): unknown }>()
const fields = useFieldsHere()
const TITLE = { ...newField('Title', '', []), key: 'title' }
const known = computed<Property[]>(() => [TITLE, ...fields.value])
/** As they are being written: what is given is known here before it comes back. */
const conditions = ref(groupsOf(props.value))
watch(
  () => props.value,
  (value) => (conditions.value = groupsOf(value)),
)
function give(next: Group[]) {
  conditions.value = next
  emit('change', next.length ? next : undefined)
}
const tests = computed(
  () =>
    props.property.entries
      .find((e) => e.key === 'test')
      ?.choices.map((c) => ({ value: c.value, title: c.label })) ?? [],
)
const test = (group: Group) => textOf(group.test) || 'is'
const isCompared = (group: Group) => !['set', 'unset'].includes(test(group))

/** The field's own input where it leads to what can be held; days too can be “today”, so they are typed. */
function asked(group: Group, at: number): Asked {
  const field = known.value.find((f) => f.key === group.field) ?? TITLE
  const name = `Value of condition ${at + 1}`
  const type = typeOf(field)
  const each = field.type === 'MANY' ? (field.entries[0] ?? field) : field
  if (type === 'YES_NO') {
    const choices = [
      { value: 'yes', label: 'yes' },
      { value: 'no', label: 'no' },
    ]
    return { property: { ...each, type: 'CHOICE', choices }, value: group.value, plain: true, name }
  }
  const kept = test(group) !== 'contains' && ['CHOICE', 'PAGE', 'TOPIC'].includes(type)
  const words = props.property.entries.find((e) => e.key === 'value') ?? TITLE
  return { property: kept ? { ...each, fallback: undefined } : words, value: group.value, plain: true, name }
}
function set(at: number, key: string, value: Value | undefined) {
  const next = conditions.value.map((g, i) => {
    if (i !== at) return g
    const one = withValue(g, key, value)
    // Another field is compared with something else.
    if (key === 'field' && value !== g.field) delete one.value
    return one
  })
  give(next)
}
function remove(at: number) {
  give(conditions.value.filter((_, i) => i !== at))
}
</script>

<template>
  <div class="many" role="group" :aria-label="name ?? property.label">
    <div v-for="(group, i) in conditions" :key="i" class="one">
      <div class="grow">
        <ChoiceOf
          :model-value="textOf(group.field) || undefined"
          :items="known.map((f) => ({ value: f.key, title: f.label }))"
          :label="`Field of condition ${i + 1}`"
          none="a field"
          @update:model-value="(v?: string) => set(i, 'field', v)"
        />
        <ChoiceOf
          :model-value="test(group)"
          :items="tests"
          :label="`Test of condition ${i + 1}`"
          @update:model-value="(v?: string) => set(i, 'test', v)"
        />
        <slot
          v-if="group.field && isCompared(group)"
          name="value"
          :asked="asked(group, i)"
          :change="(v: Value | undefined) => set(i, 'value', v)"
        />
      </div>
      <button type="button" :aria-label="`Remove condition ${i + 1}`" title="Remove" @click="remove(i)">
        ×
      </button>
    </div>
    <button type="button" class="textlink" @click="give([...conditions, {}])">
      {{ conditions.length ? 'and…' : 'only where…' }}
    </button>
  </div>
</template>

<style scoped>
.one {
  display: flex;
  gap: 6px;
  border-bottom: 1px solid var(--line2);
  padding: 5px 0;
}
.one > button {
  border: 0;
  background: none;
  color: var(--quiet);
  width: 24px;
}
.grow {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(120px, 1fr));
  gap: 4px 8px;
  align-items: start;
}
.textlink {
  font-size: 13px;
}
</style>
