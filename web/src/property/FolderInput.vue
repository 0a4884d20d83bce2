<script setup lang="ts">
import { computed } from 'vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSite } from '@/site/useSite'
import type { Asked, Told } from './asked'
import { textOf } from './values'

/** A folder of files, of those that there are; one that is gone is named as it is kept. */
const props = defineProps<Asked>()
const emit = defineEmits<Told>()
const site = useSite()
const chosen = computed(() => textOf(props.value))
const items = computed(() => {
  const known = (site.catalog?.folders ?? []).map((f) => ({ value: f, title: f.replaceAll('/', ' › ') }))
  const gone = chosen.value && !known.some((f) => f.value === chosen.value)
  return [
    { value: '', title: 'no folder' },
    ...known,
    ...(gone ? [{ value: chosen.value, title: `${chosen.value} (empty)` }] : []),
  ]
})
</script>

<template>
  <span v-if="plain" class="label">{{ property.label }}</span>
  <ChoiceOf
    :model-value="chosen"
    :items="items"
    :label="name ?? property.label"
    @update:model-value="(v?: string) => emit('change', v || undefined)"
  />
</template>
