<script setup lang="ts">
import type { Property } from '@/api/types'
import DrawnChoice from './DrawnChoice.vue'
import { drawing } from './drawings'

/** One of several arrangements, each drawn small. */
defineProps<{ property: Property; value: string }>()
const emit = defineEmits<{ change: [value: string] }>()
</script>

<template>
  <DrawnChoice v-slot="{ choice }" :property="property" :value="value" @change="(v) => emit('change', v)">
    <svg viewBox="0 0 64 36" aria-hidden="true">
      <rect
        v-for="(s, i) in drawing(property.key, choice)"
        :key="i"
        :class="s.kind"
        :x="s.x"
        :y="s.y"
        :width="s.wide"
        :height="s.high"
      />
    </svg>
  </DrawnChoice>
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
