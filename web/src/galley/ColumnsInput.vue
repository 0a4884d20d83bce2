<script setup lang="ts">
import { computed } from 'vue'
import type { Section } from '@/api/types'
import { COLUMN_SHAPES } from './columnShapes'
import { useGalley } from './useGalley'

const props = defineProps<{ section: Section }>()
const galley = useGalley()
const now = computed(() => props.section.columns.map((c) => c.span).join(' '))

function take(spans: readonly number[]) {
  void galley.write(props.section.id, (at) => ({ verb: 'set-columns', ...at, spans: [...spans] }))
}
</script>

<template>
  <div class="shapes" role="group" aria-label="Columns">
    <span class="label">Columns</span>
    <div>
      <button
        v-for="s in COLUMN_SHAPES"
        :key="s.name"
        type="button"
        :title="s.name"
        :aria-label="s.name"
        :aria-pressed="now === s.spans.join(' ')"
        @click="take(s.spans)"
      >
        <i v-for="(span, i) in s.spans" :key="i" :style="{ flex: span }" />
      </button>
    </div>
  </div>
</template>

<style scoped>
.shapes {
  grid-column: 1 / -1;
}
.shapes > div {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 3px;
}
button {
  width: 36px;
  height: 22px;
  display: flex;
  gap: 1px;
  padding: 2px;
  border: 1px solid var(--line);
  border-radius: 3px;
  background: var(--sheet);
}
button[aria-pressed='true'] {
  border-color: var(--juniper);
  box-shadow: inset 0 0 0 1px var(--juniper);
}
i {
  background: var(--quiet);
  opacity: 0.5;
}
</style>
