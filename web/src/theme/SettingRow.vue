<script setup lang="ts">
import { computed } from 'vue'
import type { Property, Value, Values } from '@/api/types'
import PropertyInput from '@/property/PropertyInput.vue'
import { held, matters } from '@/property/values'
import ArrangementInput from './ArrangementInput.vue'
import ColourInput from './ColourInput.vue'
import { isDrawn } from './drawings'
import FontInput from './FontInput.vue'
import SampleInput from './SampleInput.vue'
import { isSampled } from './samples'
import SliderInput from './SliderInput.vue'

/** One setting of the theme, as it is and as it would be without anybody's doing. */
const props = defineProps<{
  property: Property
  values: Values
  /** Whether what it goes back to is said elsewhere. */
  goesBack?: boolean
}>()
const emit = defineEmits<{ change: [value: Value | undefined]; leave: [] }>()
const value = computed(() => props.values[props.property.key])
const now = computed(() => String(held(props.property, props.values) ?? ''))
const ranged = computed(() => {
  const { type, range } = props.property
  return type === 'NUMBER' && range?.min !== undefined && range.max !== undefined
})
const isSet = computed(
  () =>
    value.value !== undefined &&
    JSON.stringify(value.value) !== JSON.stringify(props.property.fallback ?? null),
)
/** What it goes back to, in words. */
const builtIn = computed(() => {
  const { key, fallback, choices, unit, type } = props.property
  // A tone of one's own is there, or it is not; every other role is made of the others.
  if (fallback === undefined || fallback === null)
    return type !== 'COLOUR' ? '' : /^tone[A-Z][a-z]+$/.test(key) ? 'none' : 'made of the others'
  if (type === 'YES_NO') return fallback ? 'yes' : 'no'
  return choices.find((c) => c.value === fallback)?.label ?? `${String(fallback)} ${unit}`.trim()
})
</script>

<template>
  <div v-if="matters(property, values)" class="setting" :data-setting="property.key">
    <ColourInput
      v-if="property.type === 'COLOUR'"
      :property="property"
      :value="now"
      @change="(v) => emit('change', v)"
    />
    <FontInput
      v-else-if="property.key.endsWith('Font')"
      :property="property"
      :value="now"
      @change="(v) => emit('change', v)"
    />
    <SampleInput
      v-else-if="isSampled(property.key)"
      :property="property"
      :value="now"
      @change="(v) => emit('change', v)"
    />
    <ArrangementInput
      v-else-if="isDrawn(property.key)"
      :property="property"
      :value="now"
      @change="(v) => emit('change', v)"
    />
    <SliderInput
      v-else-if="ranged"
      :property="property"
      :value="value"
      @change="(v) => emit('change', v === '' ? undefined : v)"
      @leave="emit('leave')"
    />
    <PropertyInput
      v-else
      :property="property"
      :value="value"
      @change="(v) => emit('change', v === '' ? undefined : v)"
      @leave="emit('leave')"
    />
    <button
      v-if="isSet && builtIn && !goesBack"
      type="button"
      class="textlink reset"
      :aria-label="`reset: ${builtIn}, ${property.label}`"
      @click="emit('change', undefined)"
    >
      reset: {{ builtIn }}
    </button>
  </div>
</template>

<style scoped>
.reset {
  font-size: 12px;
  color: var(--quiet);
}
</style>
