<script setup lang="ts">
import type { Asked, Told } from './asked'

/** Yes or no, named by what it is. */
defineProps<Asked>()
const emit = defineEmits<Told>()
</script>

<template>
  <v-checkbox
    :model-value="(value ?? property.fallback) === true"
    :label="property.label"
    @update:model-value="(v: unknown) => emit('change', v === true)"
  />
</template>
