<script setup lang="ts">
import { computed } from 'vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSite } from '@/site/useSite'
import type { Asked, Told } from './asked'

/** One of several: of the property's own choices, or of the site's kinds. */
const props = defineProps<Asked>()
const emit = defineEmits<Told>()
const site = useSite()
const choices = computed(() =>
  props.property.type === 'KIND'
    ? (site.catalog?.kinds ?? []).map((k) => ({ value: k.id, title: k.name }))
    : props.property.choices.map((c) => ({ value: c.value, title: c.label })),
)
</script>

<template>
  <ChoiceOf
    :model-value="String(value ?? property.fallback ?? '')"
    :items="choices"
    :label="name ?? property.label"
    @update:model-value="(v?: string) => emit('change', v)"
  />
</template>
