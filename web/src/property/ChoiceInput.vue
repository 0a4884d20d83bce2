<script setup lang="ts">
import { computed } from 'vue'
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
  <v-select
    :model-value="value ?? property.fallback"
    :items="choices"
    :aria-label="name ?? property.label"
    @update:model-value="(v: unknown) => emit('change', String(v))"
  />
</template>
