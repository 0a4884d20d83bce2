<script lang="ts">
const USUAL = ['16 : 9', '1 : 1', '3 : 4'].map((name) => ({ name, ratio: ratioOf(name), where: '' }))

/** A proportion in words as CSS has it: “Wide 16 : 9” is 16 / 9, what names no numbers is square. */
export function ratioOf(words: string): string {
  const found = /([\d.]+) : ([\d.]+)/.exec(words)
  return found ? `${found[1]} / ${found[2]}` : '1'
}
</script>

<script setup lang="ts">
import { elementOf } from '@/look/targets'
import { computed, ref } from 'vue'
import type { MediaStand } from '@/api/types'

/** The point of a picture that stays in sight: dragged on the whole picture, seen at once in every shape it is cut to. */
const props = defineProps<{ src: string; x: number; y: number; stands: MediaStand[] }>()
const emit = defineEmits<{ move: [x: number, y: number] }>()
const box = ref<HTMLElement | null>(null)
const dragged = ref<{ x: number; y: number } | null>(null)
const at = computed(() => dragged.value ?? { x: props.x, y: props.y })
const WHOLE = 100
const STEP = 5
/** The shapes it is cut to where it stands; three usual ones while it stands nowhere. */
const shapes = computed(() => {
  const cut = new Map<string, string[]>()
  for (const stand of props.stands.filter((s) => s.shape))
    cut.set(stand.shape, [...(cut.get(stand.shape) ?? []), `${stand.itemName}: ${stand.where}`])
  const used = [...cut].map(([name, where]) => ({ name, ratio: ratioOf(name), where: where.join('\n') }))
  return used.length ? used : USUAL
})
const within = (n: number) => Math.round(Math.max(0, Math.min(WHOLE, n)))

function point(event: PointerEvent) {
  const room = box.value!.getBoundingClientRect()
  dragged.value = {
    x: within(((event.clientX - room.left) / room.width) * WHOLE),
    y: within(((event.clientY - room.top) / room.height) * WHOLE),
  }
}
function grab(event: PointerEvent) {
  elementOf(event.currentTarget)?.setPointerCapture(event.pointerId)
  point(event)
}
function drag(event: PointerEvent) {
  if (dragged.value) point(event)
}
function drop() {
  if (dragged.value) emit('move', dragged.value.x, dragged.value.y)
  dragged.value = null
}
const KEYS: Record<string, [number, number]> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
}
function byKey(event: KeyboardEvent) {
  const by = KEYS[event.key]
  if (!by) return
  event.preventDefault()
  emit('move', within(props.x + by[0]), within(props.y + by[1]))
}
</script>

<template>
  <div>
    <div
      ref="box"
      class="whole"
      tabindex="0"
      role="slider"
      aria-label="Focal point"
      :aria-valuetext="`${at.x} % from the left, ${at.y} % from the top`"
      :aria-valuenow="at.x"
      title="Drag to the point that must stay in sight; arrow keys do as well"
      @pointerdown.prevent="grab"
      @pointermove="drag"
      @pointerup="drop"
      @pointercancel="dragged = null"
      @keydown="byKey"
    >
      <img :src="src" alt="" draggable="false" />
      <span class="point" :style="{ left: `${at.x}%`, top: `${at.y}%` }" />
    </div>
    <div class="shapes">
      <figure v-for="s in shapes" :key="s.name" :title="s.where">
        <img
          :src="src"
          alt=""
          :class="{ round: s.name === 'Round' }"
          :style="{ aspectRatio: s.ratio, objectPosition: `${at.x}% ${at.y}%` }"
        />
        <figcaption class="label">{{ s.name }}</figcaption>
      </figure>
    </div>
  </div>
</template>

<style scoped>
.whole {
  position: relative;
  cursor: crosshair;
  touch-action: none;
}
.whole img {
  width: 100%;
  display: block;
  border: 1px solid var(--line);
}
.point {
  position: absolute;
  width: 22px;
  height: 22px;
  margin: -11px 0 0 -11px;
  border: 2px solid #fff;
  outline: 2px solid #20262b;
  border-radius: 50%;
  pointer-events: none;
}
.round {
  border-radius: 50%;
}
.shapes {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: flex-end;
  margin-top: 8px;
}
.shapes img {
  height: 64px;
  object-fit: cover;
  display: block;
}
</style>
