<script setup lang="ts">
import { ref } from 'vue'
import type { Value } from '@/api/types'
import type { Asked } from './asked'
import { inputFor } from './inputs'
import { isToFill } from './values'

/** The input for one declared property, with its label and what helps to fill it. */
defineProps<Asked>()
const emit = defineEmits<{ change: [value: Value | undefined]; leave: [] }>()
const trouble = ref('')
</script>

<template>
  <div class="input" :class="{ plain }" :data-to-fill="isToFill(value) ? '' : undefined">
    <label v-if="!plain && property.type !== 'YES_NO'" class="label">
      {{ property.label }}<template v-if="property.unit"> · {{ property.unit }}</template
      ><template v-if="property.required"> · asked for</template>
    </label>
    <component
      :is="inputFor(property)"
      v-bind="$props"
      @change="(v: Value | undefined) => emit('change', v)"
      @leave="emit('leave')"
      @trouble="(why: string) => (trouble = why)"
    >
      <template #value="{ asked, change }">
        <PropertyInput v-bind="asked" @change="change" @leave="emit('leave')" />
      </template>
    </component>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-else-if="property.help && !plain" class="label">{{ property.help }}</p>
  </div>
</template>

<style scoped>
.input {
  min-width: 0;
}
.trouble {
  color: var(--brick);
  font-size: 13px;
  line-height: 18px;
}
</style>
