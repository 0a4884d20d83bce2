<script setup lang="ts">
import { computed } from 'vue'
import type { Property } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { drawing } from './drawings'

/** One of several arrangements, each drawn small; the chosen one's name stands above. */
const props = defineProps<{ property: Property; value: string }>()
const emit = defineEmits<{ change: [value: string] }>()
const items = computed(() => props.property.choices.map((c) => ({ value: c.value, title: c.label })))
const name = computed(() => items.value.find((i) => i.value === props.value)?.title ?? '')
</script>

<template>
  <div>
    <span class="label">{{ property.label }} · {{ name }}</span>
    <ChoiceOf
      v-slot="{ item }"
      drawn
      :label="property.label"
      :items="items"
      :model-value="value"
      @update:model-value="(v?: string) => v && emit('change', v)"
    >
      <svg viewBox="0 0 64 36" aria-hidden="true">
        <rect
          v-for="(s, i) in drawing(property.key, item.value)"
          :key="i"
          :class="s.kind"
          :x="s.x"
          :y="s.y"
          :width="s.wide"
          :height="s.high"
        />
      </svg>
    </ChoiceOf>
    <p v-if="property.help" class="label">{{ property.help }}</p>
  </div>
</template>

<style scoped>
svg {
  width: 100%;
}
.w {
  fill: var(--ink);
  opacity: 0.62;
}
.p {
  fill: var(--quiet);
  opacity: 0.42;
}
.l {
  fill: var(--ink);
  opacity: 0.5;
}
.b {
  fill: none;
  stroke: var(--quiet);
  stroke-width: 1;
}
.f {
  fill: var(--sheet);
}
.a {
  fill: var(--juniper);
  opacity: 0.6;
}
</style>
