<script setup lang="ts">
import { computed, ref } from 'vue'
import { inputOf } from '@/look/targets'
import type { Property, Value } from '@/api/types'
import { useTyping } from '@/edit/useTyping'
import TypedInput from '@/property/TypedInput.vue'
import { useTrial } from './useTrial'

/** A number between two others: drawn along a line, whose effect is seen while it is drawn, or typed. */
const props = defineProps<{ property: Property; value: Value | undefined }>()
const emit = defineEmits<{ change: [value: Value | undefined]; leave: [] }>()
const trial = useTrial()
/** Why what is typed is not kept. */
const trouble = ref('')
const range = computed(() => ({ min: props.property.range?.min ?? 0, max: props.property.range?.max ?? 100 }))
const { typed, writing, write, left } = useTyping(
  () => String(props.value ?? props.property.fallback ?? range.value.min),
  (number) => emit('change', Number(number)),
)
function draw(event: Event) {
  writing.value = true
  const number = inputOf(event).value
  trial.value = { key: props.property.key, value: number }
  write(number)
}
function letGo() {
  writing.value = false
  left()
  emit('leave')
}
</script>

<template>
  <div>
    <label class="label"
      >{{ property.label }}<template v-if="property.unit"> · {{ property.unit }}</template></label
    >
    <div class="row-flex">
      <input
        type="range"
        class="grow"
        :min="range.min"
        :max="range.max"
        :value="typed"
        :aria-label="`${property.label}, drawn`"
        @input="draw"
        @change="letGo"
      />
      <TypedInput
        class="number"
        :property="property"
        :value="value"
        @change="(v) => emit('change', v)"
        @leave="emit('leave')"
        @trouble="(why: string) => (trouble = why)"
      />
    </div>
    <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
    <p v-else-if="property.help" class="label">{{ property.help }}</p>
  </div>
</template>

<style scoped>
input[type='range'] {
  accent-color: var(--juniper);
  min-width: 0;
  height: 24px;
}
.number {
  width: 74px;
  flex: none;
}
</style>
