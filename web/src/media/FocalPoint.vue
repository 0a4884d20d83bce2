<script setup lang="ts">
import { computed, ref } from 'vue'

/** The point of a picture that stays in sight: dragged on the whole picture, seen at once in every shape it is cut to. */
const props = defineProps<{ src: string; x: number; y: number }>()
const emit = defineEmits<{ move: [x: number, y: number] }>()
const box = ref<HTMLElement | null>(null)
const dragged = ref<{ x: number; y: number } | null>(null)
const at = computed(() => dragged.value ?? { x: props.x, y: props.y })
const WHOLE = 100
const STEP = 5
const SHAPES = [
  { name: 'Wide', ratio: '16 / 9' },
  { name: 'Square', ratio: '1' },
  { name: 'Tall', ratio: '3 / 4' },
]
const within = (n: number) => Math.round(Math.max(0, Math.min(WHOLE, n)))

function point(event: PointerEvent) {
  const room = box.value!.getBoundingClientRect()
  dragged.value = {
    x: within(((event.clientX - room.left) / room.width) * WHOLE),
    y: within(((event.clientY - room.top) / room.height) * WHOLE),
  }
}
function grab(event: PointerEvent) {
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
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
      <figure v-for="s in SHAPES" :key="s.name">
        <img :src="src" alt="" :style="{ aspectRatio: s.ratio, objectPosition: `${at.x}% ${at.y}%` }" />
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
.shapes {
  display: flex;
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
