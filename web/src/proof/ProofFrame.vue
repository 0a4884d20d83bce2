<script setup lang="ts">
import { type Markup } from './markup'
import { useElementSize, useEventListener } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useSite } from '@/site/useSite'
import type { Block, ProofPlace } from './ProofPlace'

/** A proof in a sandboxed frame, drawn at `width` pixels and scaled to the room it has. */
const props = defineProps<{
  path: string
  query?: string
  width: number
  /** What it shows now; it is drawn anew when that changes. */
  html?: string
  /** Where that is fetched after each step, beneath the site's address, by what does not know it otherwise. */
  markup?: Markup
  marks?: boolean
  /** Scrolled and walked through, with marks or without. */
  walkable?: boolean
  /** Not drawn anew after each step. */
  still?: boolean
  fit?: boolean
  /** Sections that are marked as differing from another version's; the proof is one with marks. */
  differing?: string[]
  label: string
}>()
const emit = defineEmits<{
  point: [section: string | null]
  choose: [at: ProofPlace]
  wrote: [at: ProofPlace, value: string]
  left: []
  size: [height: number]
  blocks: [blocks: Block[]]
  scrolled: [top: number]
  loaded: []
}>()

const site = useSite()
const box = ref<HTMLElement | null>(null)
const frame = ref<HTMLIFrameElement | null>(null)
const tall = ref(0)
const { width: room, height: roomHigh } = useElementSize(box)
const scale = computed(() => Math.min(1, (room.value || props.width) / props.width))
const high = computed(() =>
  props.fit ? Math.min(tall.value || 300, 2400) : (roomHigh.value || 300) / scale.value,
)
const base = ref(site.standing?.proofs ?? '')
const src = computed(() => `${base.value}${props.path}?${props.query ?? ''}${props.marks ? '&marks=1' : ''}`)
const origin = computed(() => new URL(base.value || location.href).origin)

/** What it was told to show since it is fetched: told before it listens it would go unheard, so it is told again. */
let told: object | null = null
watch(src, () => (told = null), { flush: 'sync' })
function send(message: object) {
  if ('html' in message) told = message
  frame.value?.contentWindow?.postMessage(message, '*')
}
function loaded() {
  if (told) frame.value?.contentWindow?.postMessage(told, '*')
  sayDiffering()
  emit('loaded')
}

useEventListener(window, 'message', (event: MessageEvent) => {
  if (event.source !== frame.value?.contentWindow || event.data?.from !== 'venue-proof') return
  const { type, section, element, key, x, y, height, value } = event.data
  const at: ProofPlace = { section, element, key, x, y }
  if (type === 'point') emit('point', section)
  if (type === 'choose') emit('choose', at)
  if (type === 'wrote') emit('wrote', at, String(value))
  if (type === 'left') emit('left')
  if (type === 'blocks') emit('blocks', event.data.blocks)
  if (type === 'scrolled') emit('scrolled', event.data.top)
  if (type === 'size') {
    tall.value = height
    emit('size', height)
  }
})

const sayDiffering = () => props.differing && send({ type: 'differ', sections: [...props.differing] })
watch(() => props.differing, sayDiffering)

let asked = 0
async function renew() {
  if (!props.markup || !frame.value) return
  const mine = ++asked
  const answer = await props.markup(site.id).ask()
  // An answer that was overtaken on the way is older than what stands there.
  if (answer.ok && mine === asked) send({ type: 'show', html: answer.value.html })
}

watch(
  () => site.step,
  () => {
    if (!props.still) void renew()
  },
)
watch(
  () => props.html,
  (html, before) => {
    if (html && before) send({ type: 'show', html })
  },
)
watch(
  () => [props.path, props.query],
  () => (base.value = site.standing?.proofs ?? base.value),
)
defineExpose({ send, renew, origin })
</script>

<!-- A frame of its own for each address: changing the address of one would add to the browser's history. -->
<template>
  <div ref="box" class="proof" :style="fit ? { height: `${high * scale}px` } : {}">
    <iframe
      v-if="base"
      :key="src"
      ref="frame"
      :src="src"
      sandbox="allow-scripts"
      loading="lazy"
      :title="props.label"
      :tabindex="props.marks || props.walkable ? 0 : -1"
      :style="{ width: `${width}px`, height: `${high}px`, transform: `scale(${scale})` }"
      :class="{ inert: !props.marks && !props.walkable }"
      @load="loaded"
    />
  </div>
</template>

<style scoped>
.proof {
  overflow: hidden;
  background: var(--sheet);
  position: relative;
}
iframe {
  border: 0;
  transform-origin: 0 0;
  display: block;
  background: #fff;
}
.inert {
  pointer-events: none;
}
</style>
