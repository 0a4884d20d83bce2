<script setup lang="ts">
import { computed, ref } from 'vue'
import ProofFrame from '@/proof/ProofFrame.vue'

interface Side {
  query: string
  word: string
  address?: string
}
/** Two proofs of a page over each other; an edge between them is dragged, or moved with the arrow keys. */
const props = defineProps<{ path: string; width: number; before: Side; after: Side; known: boolean }>()
const box = ref<HTMLElement | null>(null)
const frames = ref<(InstanceType<typeof ProofFrame> | null)[]>([])
/** Where the edge stands, in hundredths of the width. */
const at = ref(50)
const dragging = ref(false)
const STEP = 4
const sides = computed(() => [
  { ...props.before, clip: `inset(0 ${100 - at.value}% 0 0)`, label: 'Before' },
  { ...props.after, clip: `inset(0 0 0 ${at.value}%)`, label: 'After' },
])
/** The one that is walked through leads, and the other follows. */
const follow = (side: number, top: number) => frames.value[1 - side]?.send({ type: 'scroll', top })
const put = (to: number) => (at.value = Math.min(100, Math.max(0, Math.round(to))))

function drag(event: PointerEvent) {
  const room = box.value?.getBoundingClientRect()
  if (dragging.value && room) put(((event.clientX - room.left) / room.width) * 100)
}
function take(event: PointerEvent) {
  dragging.value = true
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
}
function key(event: KeyboardEvent) {
  const to = {
    ArrowLeft: at.value - STEP,
    ArrowRight: at.value + STEP,
    Home: 0,
    End: 100,
  }[event.key]
  if (to === undefined) return
  event.preventDefault()
  put(to)
}
</script>

<template>
  <div ref="box" class="edged" :class="{ dragging, slim: width < 600 }">
    <div v-for="(s, i) in sides" :key="s.label" class="half" :style="{ clipPath: s.clip }">
      <ProofFrame
        v-if="s.address || !known"
        :ref="(f) => (frames[i] = f as InstanceType<typeof ProofFrame>)"
        :path="path"
        :query="s.query"
        :width="width"
        walkable
        :still="i === 0"
        :label="s.label"
        @scrolled="(top) => follow(i, top)"
      />
      <p v-else class="quiet absent" :class="{ right: i === 1 }">
        {{ i === 0 ? 'Visitors don’t have this page yet.' : 'Visitors don’t have this page any more.' }}
      </p>
    </div>
    <span class="word" :style="{ maxWidth: `calc(${at}% - 40px)` }"
      >{{ before.word }}<template v-if="before.address"> · {{ before.address }}</template></span
    >
    <span class="word then" :style="{ maxWidth: `calc(${100 - at}% - 40px)` }"
      >{{ after.word }}<template v-if="after.address"> · {{ after.address }}</template></span
    >
    <div
      class="edge"
      role="slider"
      tabindex="0"
      aria-label="Edge between before and after"
      aria-valuemin="0"
      aria-valuemax="100"
      :aria-valuenow="at"
      :aria-valuetext="`${at} of 100 shows before`"
      :style="{ left: `${at}%` }"
      @pointerdown="take"
      @pointermove="drag"
      @pointerup="dragging = false"
      @pointercancel="dragging = false"
      @keydown="key"
    >
      <span class="grip" aria-hidden="true">↔</span>
    </div>
  </div>
</template>

<style scoped>
.edged {
  position: relative;
  flex: 1;
  min-height: 260px;
  border: 1px solid var(--line);
  background: var(--sheet);
  overflow: hidden;
}
.slim {
  width: min(100%, 390px);
  align-self: center;
}
.half,
.half > :deep(.proof) {
  position: absolute;
  inset: 0;
}
.dragging .half {
  pointer-events: none;
}
.edge {
  position: absolute;
  top: 0;
  bottom: 0;
  width: 14px;
  margin-left: -7px;
  cursor: ew-resize;
  touch-action: none;
  background: linear-gradient(var(--ember), var(--ember)) center / 2px 100% no-repeat;
}
.grip {
  position: absolute;
  top: 0;
  left: 50%;
  transform: translateX(-50%);
  background: var(--ember);
  color: #fff;
  font: 13px/20px var(--text);
  padding: 0 8px;
}
.word {
  position: absolute;
  top: 8px;
  left: 8px;
  background: var(--sheet);
  border: 1px solid var(--line);
  font: 12.5px/22px var(--text);
  padding: 0 7px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  pointer-events: none;
}
.then {
  left: auto;
  right: 8px;
  border-color: var(--ember);
}
.absent {
  padding: 70px 24px;
  width: 50%;
}
.right {
  margin-left: 50%;
}
</style>
