<script setup lang="ts">
import { elementOf } from '@/look/targets'
import SheetDialog from '@/look/SheetDialog.vue'
import { computed, ref } from 'vue'
import { post } from '@/api/client'
import type { MediaInfo } from '@/api/types'
import { said } from '@/api/said'
import { useSite } from '@/site/useSite'
import { moved, shaped, WHOLE, type CutBox, type Grip } from './cutBox'
import { useMedia } from './useMedia'

/** Chooses the part of a picture that is shown, on the whole of it; the rest is kept. */
const props = defineProps<{ media: MediaInfo }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const files = useMedia()
const box = ref<CutBox>(props.media.cut ?? { left: 10, top: 10, wide: 80, high: 80 })
const shape = ref('free')
const trouble = ref('')
const busy = ref(false)
const stage = ref<HTMLElement | null>(null)
const GRIPS: Grip[] = ['nw', 'ne', 'sw', 'se']
const SHAPES = [
  { key: 'free', name: 'Any shape', ratio: 0 },
  { key: 'wide', name: '16 : 9', ratio: 16 / 9 },
  { key: 'classic', name: '4 : 3', ratio: 4 / 3 },
  { key: 'square', name: 'Square', ratio: 1 },
  { key: 'tall', name: '3 : 4', ratio: 3 / 4 },
]
const source = computed(() => ({
  width: props.media.cut?.width ?? props.media.width,
  height: props.media.cut?.height ?? props.media.height,
}))
/** Width to height of the part, both in percent of the whole. */
const ratio = computed(() => {
  const chosen = SHAPES.find((s) => s.key === shape.value)!.ratio
  return chosen ? (chosen * source.value.height) / source.value.width : undefined
})
const PERCENT = 100
const size = computed(
  () =>
    `${Math.round((source.value.width * box.value.wide) / PERCENT)} × ${Math.round((source.value.height * box.value.high) / PERCENT)} px`,
)
let from: { x: number; y: number; grip: Grip; box: CutBox } | null = null

function choose(key: string) {
  shape.value = key
  if (ratio.value) box.value = shaped(box.value, ratio.value)
}
function grab(event: PointerEvent, grip: Grip) {
  elementOf(event.currentTarget)?.setPointerCapture(event.pointerId)
  from = { x: event.clientX, y: event.clientY, grip, box: box.value }
}
function drag(event: PointerEvent) {
  if (!from || !stage.value) return
  const room = stage.value.getBoundingClientRect()
  const dx = ((event.clientX - from.x) / room.width) * PERCENT
  const dy = ((event.clientY - from.y) / room.height) * PERCENT
  box.value = moved(from.box, from.grip, dx, dy, ratio.value)
}
const KEYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
/** Arrows move the part; with Shift they draw its lower right corner. */
function byKey(event: KeyboardEvent) {
  const by = KEYS[event.key]
  if (!by) return
  event.preventDefault()
  box.value = moved(box.value, event.shiftKey ? 'se' : 'move', by[0], by[1], ratio.value)
}
async function cut(part: CutBox) {
  busy.value = true
  const answer = await post(
    '/api/sites/{site}/media/{id}/cut',
    { path: { site: site.id, id: props.media.id } },
    {
      left: part.left,
      top: part.top,
      wide: part.wide,
      high: part.high,
    },
  )
  busy.value = false
  if (!answer.ok) return (trouble.value = said(answer.problem))
  await files.load()
  emit('close')
}
</script>

<template>
  <SheetDialog :title="`Cut ${media.name}`" size="wide" @close="emit('close')">
    <p class="quiet">Shown so wherever it stands. The whole picture is kept.</p>
    <div class="shapes" role="group" aria-label="Shape">
      <button
        v-for="s in SHAPES"
        :key="s.key"
        type="button"
        :aria-pressed="shape === s.key"
        @click="choose(s.key)"
      >
        {{ s.name }}
      </button>
      <span class="grow" />
      <span class="mono label">{{ size }}</span>
    </div>
    <div ref="stage" class="stage" @pointermove="drag" @pointerup="from = null" @pointercancel="from = null">
      <img :src="site.standing?.origin + media.whole" alt="" draggable="false" />
      <div
        class="part"
        tabindex="0"
        role="slider"
        aria-label="The part that is shown"
        :aria-valuenow="box.left"
        :aria-valuetext="`${box.wide} by ${box.high} percent, from ${box.left} and ${box.top}`"
        title="Drag it, or its corners; arrow keys do as well, with Shift for its size"
        :style="{ left: `${box.left}%`, top: `${box.top}%`, width: `${box.wide}%`, height: `${box.high}%` }"
        @pointerdown.prevent="grab($event, 'move')"
        @keydown="byKey"
      >
        <i v-for="g in GRIPS" :key="g" :class="g" @pointerdown.prevent.stop="grab($event, g)" />
      </div>
    </div>
    <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
    <div class="row-flex foot">
      <v-btn class="yes" :disabled="busy" @click="cut(box)">{{ busy ? 'Cutting…' : 'Show this part' }}</v-btn>
      <v-btn v-if="media.cut" :disabled="busy" @click="cut(WHOLE)">Show the whole again</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.shapes {
  display: flex;
  gap: 14px;
  margin: 12px 0 8px;
}
.shapes button {
  border: 0;
  border-bottom: 2px solid transparent;
  background: none;
  color: var(--quiet);
  font: 13.5px/24px var(--text);
  padding: 0;
}
.shapes button[aria-pressed='true'] {
  color: var(--ink);
  font-weight: 600;
  border-color: var(--juniper);
}
.stage {
  position: relative;
  overflow: hidden;
  width: fit-content;
  margin: 0 auto;
  touch-action: none;
}
.stage img {
  display: block;
  max-width: 100%;
  max-height: 56vh;
}
.part {
  position: absolute;
  border: 2px solid #fff;
  outline: 1px solid #20262b;
  box-shadow: 0 0 0 2000px rgb(32 38 43 / 55%);
  cursor: move;
}
.part:focus-visible {
  border-color: var(--ember);
}
.part i {
  position: absolute;
  width: 16px;
  height: 16px;
  background: #fff;
  border: 1px solid #20262b;
}
.nw {
  left: -8px;
  top: -8px;
  cursor: nwse-resize;
}
.ne {
  right: -8px;
  top: -8px;
  cursor: nesw-resize;
}
.sw {
  left: -8px;
  bottom: -8px;
  cursor: nesw-resize;
}
.se {
  right: -8px;
  bottom: -8px;
  cursor: nwse-resize;
}
</style>
