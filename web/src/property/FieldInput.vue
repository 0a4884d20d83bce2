<script setup lang="ts">
import { computed } from 'vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import type { Asked, Told } from './asked'
import { useFieldsHere } from './fieldsHere'
import { textOf } from './values'

/** A field, of those that what is listed has; one that is not there any more is named as it is kept. */
const props = defineProps<Asked>()
const emit = defineEmits<Told>()
const fields = useFieldsHere()
const NONE = ''
const items = computed(() => {
  const known = fields.value.map((f) => ({ value: f.key, title: f.label }))
  const chosen = textOf(props.value)
  const gone =
    chosen && !known.some((i) => i.value === chosen) ? [{ value: chosen, title: `${chosen} (gone)` }] : []
  return [{ value: NONE, title: 'none' }, ...known, ...gone]
})
</script>

<template>
  <ChoiceOf
    :model-value="textOf(value)"
    :items="items"
    :label="name ?? property.label"
    @update:model-value="(v?: string) => emit('change', v || undefined)"
  />
</template>
