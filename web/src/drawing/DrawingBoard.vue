<script setup lang="ts">
import { useEventListener, useResizeObserver } from '@vueuse/core'
import { onBeforeUnmount, onMounted, onUpdated, ref } from 'vue'
import type { Block } from '@/proof/ProofPlace'
import { useSite } from '@/site/useSite'
import { placesOn, provideBoard, type Asked, type Place } from './board'
import { leaveFrame, takeFrame, type DrawingFrame, type Told } from './frame'
import { fetchMarkup, give, keyOf, markupOf } from './markup'

/**
 * Draws all that stands in it, in one sealed document over it: it has the site's origin and none of a manager's rights,
 * runs nothing that a site holds, and takes no clicks.
 */
const emit = defineEmits<{ blocks: [id: string, blocks: Block[]] }>()
const site = useSite()
const board = ref<HTMLElement | null>(null)
const over = ref<HTMLElement | null>(null)
const asked = new Map<string, [HTMLElement, () => Asked]>()
let frame: DrawingFrame | null = null
let places: Place[] = []
const send = (message: object) => frame?.send(message)

let due = 0
function changed() {
  due ||= requestAnimationFrame(lay)
}
let laid = ''
function lay() {
  due = 0
  if (!board.value || !frame) return
  places = placesOn(board.value.getBoundingClientRect(), asked, innerHeight)
  void fetchRest()
  if (!frame.listening) return
  const told = places.map((p) => ({ ...p, of: keyOf(p) }))
  const now = JSON.stringify(told)
  if (now !== laid) send({ type: 'places', places: told })
  laid = now
  give(frame, site.id, places)
}

let fetching = false
async function fetchRest() {
  if (fetching) return
  fetching = true
  for (;;) {
    const missing = new Map(places.filter((p) => markupOf(site.id, p) === undefined).map((p) => [p.of, p]))
    if (!missing.size || !(await fetchMarkup(site.id, [...missing.values()]))) break
    if (frame) give(frame, site.id, places)
  }
  fetching = false
}

function hear({ type, ids, id, blocks }: Told) {
  if (type === 'ready') {
    laid = ''
    lay()
  }
  if (type === 'drawn') ids.forEach((i) => asked.get(i)?.[0].setAttribute('data-drawn', ''))
  if (type === 'blocks') emit('blocks', id, blocks)
}
onMounted(() => {
  if (!site.standing) return
  frame = takeFrame(new URL('/-/drawings', site.standing.proofs).href, over.value!)
  frame.hear = hear
  lay()
})
onBeforeUnmount(() => frame && leaveFrame(frame))

/** What somebody has come to is drawn first. */
const isDrawn = (id: string) => asked.get(id)?.[0].hasAttribute('data-drawn')
const scrolled = () => (asked.size > places.length || !places.every((p) => isDrawn(p.id))) && changed()
useEventListener(window, 'scroll', scrolled, { capture: true, passive: true })
useResizeObserver(board, changed)
onUpdated(changed)
provideBoard({
  add: (id, place, what) => {
    asked.set(id, [place, what])
    changed()
  },
  remove: (id) => {
    asked.delete(id)
    changed()
  },
  changed,
})
defineExpose({ send })
</script>

<template>
  <div ref="board" class="board">
    <slot />
    <div ref="over" class="over" />
  </div>
</template>

<style scoped>
.board {
  position: relative;
}
.over {
  position: absolute;
  inset: 0;
  pointer-events: none;
}
.over :deep(iframe) {
  width: 100%;
  height: 100%;
  border: 0;
  display: block;
  color-scheme: light;
}
</style>
<style>
.drawings-waiting {
  position: fixed;
  top: 0;
  left: -2000px;
  visibility: hidden;
  color-scheme: light;
}
</style>
