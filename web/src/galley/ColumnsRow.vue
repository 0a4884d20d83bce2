<script setup lang="ts">
import { elementOf } from '@/look/targets'
import { computed, ref, watch } from 'vue'
import type { Section } from '@/api/types'
import ElementCard from './ElementCard.vue'
import ElementMenu from './ElementMenu.vue'
import { shifted } from './columnShapes'
import { useGalley } from './useGalley'

/** A section's columns in true proportion; the border between two is dragged, or moved by the arrow keys. */
const props = defineProps<{ section: Section }>()
const galley = useGalley()
const row = ref<HTMLElement | null>(null)
const dragging = ref(false)
/** The widths that were given and have not come back from the server yet. */
const given = ref<number[] | null>(null)
const spans = computed(() => given.value ?? props.section.columns.map((c) => c.span))
watch(
  () => props.section.columns,
  () => {
    if (!dragging.value) given.value = null
  },
)
const reversed = computed(() => props.section.settings.stacks === 'reversed')
const WHOLE = 12
let from: { x: number; border: number; spans: number[] } = { x: 0, border: 0, spans: [] }

function grab(event: PointerEvent, border: number) {
  elementOf(event.target)?.setPointerCapture(event.pointerId)
  from = { x: event.clientX, border, spans: spans.value }
  dragging.value = true
}
function drag(event: PointerEvent) {
  if (!dragging.value || !row.value) return
  const twelfth = row.value.getBoundingClientRect().width / WHOLE
  given.value = shifted(from.spans, from.border, Math.round((event.clientX - from.x) / twelfth))
}
function drop() {
  if (dragging.value && given.value && given.value.join() !== from.spans.join()) void give(given.value)
  dragging.value = false
}
async function give(next: number[]) {
  given.value = next
  const answer = await galley.write(props.section.id, (at) => ({
    verb: 'set-columns',
    ...at,
    spans: next,
  }))
  if (!answer.ok) given.value = null
}
function byKey(event: KeyboardEvent, border: number) {
  const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0
  if (!by || event.altKey) return
  event.preventDefault()
  const next = shifted(spans.value, border, by)
  if (next.join() !== spans.value.join()) void give(next)
}
function stands(index: number): number {
  return reversed.value ? props.section.columns.length - index : index + 1
}
</script>

<template>
  <div ref="row" class="columns">
    <div
      v-for="(c, i) in section.columns"
      :key="c.id"
      class="column"
      :style="{ gridColumn: `span ${spans[i]}` }"
    >
      <p
        v-if="dragging || (reversed && section.columns.length > 1)"
        class="label"
        :title="`Stands ${stands(i)} on narrow screens`"
      >
        <template v-if="dragging">{{ spans[i] }} of 12</template>
        <template v-else>{{ stands(i) }} on narrow screens</template>
      </p>
      <ElementCard
        v-for="(e, n) in c.elements"
        :key="e.id"
        :section="section.id"
        :element="e"
        :column="c.id"
        :index="n"
        :count="c.elements.length"
        :span="c.span"
      />
      <ElementMenu :section="section" :column="c.id" :index="c.elements.length" />
      <button
        v-if="i < section.columns.length - 1"
        type="button"
        class="edge"
        role="separator"
        aria-orientation="vertical"
        :aria-label="`Border between columns ${i + 1} and ${i + 2}`"
        :aria-valuenow="spans[i]"
        aria-valuemin="1"
        aria-valuemax="11"
        title="Drag to change the widths; ← → by keys"
        @pointerdown.prevent.stop="grab($event, i)"
        @pointermove="drag"
        @pointerup="drop"
        @pointercancel="drop"
        @keydown="byKey($event, i)"
      />
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(12, minmax(0, 1fr));
  gap: 14px;
  padding: 12px;
}
.column {
  display: flex;
  flex-direction: column;
  gap: 12px;
  min-width: 0;
  position: relative;
}
.edge {
  position: absolute;
  top: 0;
  bottom: 0;
  right: -13px;
  width: 12px;
  border: 0;
  padding: 0;
  background: none;
  cursor: col-resize;
  touch-action: none;
}
.edge::before {
  content: '';
  position: absolute;
  inset: 0 5px;
  background: transparent;
}
.edge:hover::before,
.edge:active::before,
.edge:focus-visible::before {
  background: var(--juniper);
}
/* Beneath each other where there is no room side by side, as visitors with narrow screens have them. */
@media (max-width: 820px) {
  .column {
    grid-column: 1 / -1 !important;
  }
  .column + .column {
    border-top: 1px solid var(--line2);
    padding-top: 12px;
  }
  .edge {
    display: none;
  }
}
</style>
