<script setup lang="ts">
import { ref } from 'vue'
import type { Property } from '@/api/types'
import { drawing } from './drawings'

/** One of several arrangements, each drawn small; the chosen one's name stands beneath. */
const props = defineProps<{ property: Property; value: string }>()
const emit = defineEmits<{ change: [value: string] }>()
const root = ref<HTMLElement | null>(null)
const pointed = ref<string | null>(null)
const name = () => props.property.choices.find((c) => c.value === (pointed.value ?? props.value))?.label ?? ''

const STEPS: Record<string, number> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }
function walk(event: KeyboardEvent) {
  const step = STEPS[event.key]
  if (!step) return
  event.preventDefault()
  const all = props.property.choices
  const at = all.findIndex((c) => c.value === props.value)
  const to = all[(at + step + all.length) % all.length]
  if (!to) return
  emit('change', to.value)
  root.value?.querySelector<HTMLElement>(`[data-value="${to.value}"]`)?.focus()
}
</script>

<template>
  <div class="arrangement">
    <span class="label">{{ property.label }} · {{ name() }}</span>
    <div ref="root" class="drawn" role="radiogroup" :aria-label="property.label" @keydown="walk">
      <button
        v-for="c in property.choices"
        :key="c.value"
        type="button"
        role="radio"
        :aria-checked="c.value === value"
        :aria-label="c.label"
        :tabindex="c.value === value ? 0 : -1"
        :data-value="c.value"
        @click="emit('change', c.value)"
        @mouseenter="pointed = c.value"
        @mouseleave="pointed = null"
      >
        <svg viewBox="0 0 64 36" aria-hidden="true">
          <rect
            v-for="(s, i) in drawing(property.key, c.value)"
            :key="i"
            :class="s.kind"
            :x="s.x"
            :y="s.y"
            :width="s.wide"
            :height="s.high"
          />
        </svg>
      </button>
    </div>
    <p v-if="property.help" class="label">{{ property.help }}</p>
  </div>
</template>

<style scoped>
.drawn {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 6px;
  margin-top: 5px;
}
button {
  padding: 0;
  border: 1px solid var(--line);
  background: var(--sheet);
  line-height: 0;
}
button[aria-checked='true'] {
  border-color: var(--juniper);
  box-shadow: inset 0 0 0 1px var(--juniper);
}
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
