<script setup lang="ts">
import type { Property } from '@/api/types'
import DateInput from '@/property/DateInput.vue'

/** A day and hour of the site's clocks, as `2026-12-04T08:00`. */
defineProps<{ zone: string }>()
const emit = defineEmits<{ trouble: [why: string] }>()
const wanted = defineModel<string>({ required: true })
const WHEN = { key: 'wanted', label: 'On which day', type: 'DATE_TIME' } as Property
</script>

<template>
  <div>
    <DateInput
      :property="WHEN"
      :value="wanted || undefined"
      @change="(v) => (wanted = typeof v === 'string' ? v : '')"
      @trouble="emit('trouble', $event)"
    />
    <p class="label">By the clocks of the site: {{ zone.replace('_', ' ') }}</p>
  </div>
</template>

<style scoped>
div > :deep(.date > .row-flex) {
  flex-wrap: wrap;
}
div > :deep(.date .grow) {
  flex-basis: 100%;
}
.label {
  margin-top: 4px;
}
</style>
