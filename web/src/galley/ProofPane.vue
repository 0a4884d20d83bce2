<script setup lang="ts">
import { elementOf } from '@/look/targets'
import { useElementSize, useEventListener, useLocalStorage } from '@vueuse/core'
import { useTelling } from '@/edit/useTyping'
import { computed, ref, watch } from 'vue'
import ProofFrame from '@/proof/ProofFrame.vue'
import WordOf from '@/help/WordOf.vue'
import { useSite } from '@/site/useSite'
import type { ProofPlace } from '@/proof/ProofPlace'
import LookMenu from './LookMenu.vue'
import type { Look } from './lookedAt'
import { useGalley } from './useGalley'
import { textOf } from '@/property/values'

/** @param html what the proof shows now */
const props = defineProps<{ html: string }>()
const marks = defineModel<boolean>('marks', { required: true })
const site = useSite()
const galley = useGalley()
const sheet = computed(() => galley.sheet.value!)
const width = useLocalStorage('venue-proof-width', 1280)
const beside = useLocalStorage('venue-narrow-beside', false)
const wide = ref<InstanceType<typeof ProofFrame> | null>(null)
const narrow = ref<InstanceType<typeof ProofFrame> | null>(null)
const ruler = ref<HTMLElement | null>(null)
const { width: room } = useElementSize(ruler)
const NARROW = 375
const LEAST = 320
const MOST = 1600
const BREAKS = [360, 640, 900, 1280]
const STEP = 20

const scale = computed(() => Math.min(1, room.value / Math.max(width.value, 1280)))
const edge = computed(() => Math.min(room.value, width.value * scale.value))
/** While the edge is dragged the frames let the pointer through: they would swallow its moves. */
const dragging = ref(false)

function light(section: string | null) {
  wide.value?.send({ type: 'light', section })
  narrow.value?.send({ type: 'light', section })
}
// Told at once: the frame draws while the galley is drawn, and whoever writes sees it sooner.
watch(
  () => props.html,
  (html, before) => {
    if (!html || !before || !marked.value) return
    wide.value?.send({ type: 'show', html })
    narrow.value?.send({ type: 'show', html })
  },
  { flush: 'sync' },
)
watch(galley.pointed, light)
function reveal() {
  if (galley.chosen.value) wide.value?.send({ type: 'reveal', section: galley.chosen.value })
}
watch(galley.chosen, reveal)
/** As whom, or in which state, it is looked at; as it is written where that is nobody. */
const look = ref<Look | null>(null)
watch(
  () => sheet.value.id,
  () => (look.value = null),
)
/** Somebody else's proof is asked for whole after each step: what is written is not what they get. */
const query = computed(() =>
  [sheet.value.proof.query, look.value && `${look.value.query}&at=${site.step}`].filter(Boolean).join('&'),
)
const marked = computed(() => marks.value && !look.value)
/** Without marks it is what visitors get, rendered so; after each step it is asked for anew. */
const visitors = computed(() => (marks.value || look.value ? undefined : sheet.value.proof.markup))

/** Words of the page's own are written where they stand; everything else is gone to in the galley. */
function choose(at: ProofPlace, frame: typeof wide.value) {
  if (at.section === 'title') return document.querySelector<HTMLElement>('.title input')?.focus()
  galley.chosen.value = at.section
  const words = marked.value ? writable(at) : null
  if (words !== null) return frame?.send({ type: 'write', ...at, value: words })
  goTo(at)
}
function writable({ section, element, key }: ProofPlace): string | null {
  const own = galley.placed(section)
  if (!element || !key || !own || !galley.isOwn(section)) return null
  const found = own.section.columns.flatMap((c) => c.elements).find((e) => e.id === element)
  return found ? textOf(found.props[key]) : null
}
function goTo({ section, element }: ProofPlace) {
  const card = document.querySelector<HTMLElement>(`[data-section="${section}"]`)
  card?.scrollIntoView({ block: 'nearest', behavior: 'smooth' })
  const target = element ? card?.querySelector<HTMLElement>(`[data-element="${element}"]`) : card
  target
    ?.querySelector<HTMLElement>('[contenteditable=true], input:not([type=color]), textarea, .picture')
    ?.focus({ preventScroll: true })
}
const telling = useTelling(
  ({ section, element, key }: ProofPlace, value: string) => void galley.set(section, element, key!, value),
)
let place = ''
function wrote(at: ProofPlace, value: string) {
  const now = `${at.section} ${at.element} ${at.key}`
  if (now !== place) telling.now()
  place = now
  telling.soon(at, value)
}
function drag(event: PointerEvent) {
  if (!dragging.value || !ruler.value) return
  const x = event.clientX - ruler.value.getBoundingClientRect().left
  const next = x / scale.value
  width.value = Math.round(Math.max(LEAST, Math.min(MOST, next)))
}
function grab(event: PointerEvent) {
  dragging.value = true
  elementOf(event.target)?.focus()
}
function byKey(event: KeyboardEvent) {
  const by = event.key === 'ArrowLeft' ? -STEP : event.key === 'ArrowRight' ? STEP : 0
  if (!by) return
  event.preventDefault()
  width.value = Math.max(LEAST, Math.min(MOST, width.value + by))
}
useEventListener(window, 'pointermove', drag)
useEventListener(window, 'pointerup', () => (dragging.value = false))
/** What was typed last belongs to the same step. */
function left() {
  telling.now()
  galley.leave()
}
</script>

<template>
  <section class="pane" :class="{ dragging }" aria-label="Proof">
    <div ref="ruler" class="ruler">
      <button
        v-for="b in BREAKS.filter((x) => x * scale <= room - 20)"
        :key="b"
        type="button"
        class="mark mono"
        :style="{ left: `${b * scale}px` }"
        :title="`Look at ${b} pixels`"
        @click="width = b"
      >
        {{ b }}
      </button>
      <button
        type="button"
        class="edge mono"
        role="slider"
        aria-label="Width of the proof"
        :aria-valuenow="width"
        :aria-valuemin="LEAST"
        :aria-valuemax="MOST"
        :style="{ left: `${edge}px` }"
        @pointerdown.prevent="grab"
        @keydown="byKey"
      >
        {{ width }} ⋮
      </button>
    </div>
    <div class="frames">
      <ProofFrame
        ref="wide"
        class="wide"
        :style="{ width: `${edge}px`, flex: 'none' }"
        :path="sheet.proof.path"
        :query="query"
        :width="width"
        :marks="marked"
        :markup="visitors"
        walkable
        label="Proof"
        @loaded="reveal"
        @point="(s) => (galley.pointed.value = s)"
        @choose="(at) => choose(at, wide)"
        @wrote="wrote"
        @left="left"
      />
      <ProofFrame
        v-if="beside"
        ref="narrow"
        class="narrow"
        :path="sheet.proof.path"
        :query="query"
        :width="NARROW"
        :marks="marked"
        :markup="visitors"
        walkable
        label="Narrow proof"
        @point="(s) => (galley.pointed.value = s)"
        @choose="(at) => choose(at, narrow)"
        @wrote="wrote"
        @left="left"
      />
    </div>
    <div class="under">
      <v-btn :aria-pressed="beside" @click="beside = !beside">{{
        beside ? 'Narrow proof away' : 'Narrow proof beside'
      }}</v-btn>
      <LookMenu v-model="look" :sheet="sheet" />
      <v-btn :disabled="!!look" :aria-pressed="!marks" @click="marks = !marks"
        >{{ marks ? 'Marks off' : 'Marks on' }}<span class="kbd">M</span></v-btn
      >
      <span class="quiet grow words"
        ><WordOf word="proof" above>Proof</WordOf> · visitors see
        {{ site.standing?.release ? `release ${site.standing.release}` : 'nothing yet' }}</span
      >
    </div>
  </section>
</template>

<style scoped>
.pane.dragging .frames {
  pointer-events: none;
}
.pane {
  background: var(--table);
  display: flex;
  flex-direction: column;
  padding: 0 20px;
  min-width: 0;
  min-height: 0;
}
.ruler {
  height: 30px;
  flex: none;
  position: relative;
  background: repeating-linear-gradient(90deg, var(--quiet) 0 1px, transparent 1px 20px) 0 100% / 100% 5px
    no-repeat;
}
.mark {
  position: absolute;
  top: 2px;
  transform: translateX(-50%);
  border: 0;
  background: none;
  padding: 0 2px;
}
.edge {
  position: absolute;
  top: 4px;
  transform: translateX(-100%);
  background: var(--deed);
  color: #fff;
  border: 0;
  border-radius: 3px;
  padding: 1px 7px;
  white-space: nowrap;
  z-index: 2;
  cursor: ew-resize;
  touch-action: none;
}
.frames {
  flex: 1;
  min-height: 0;
  display: flex;
  gap: 14px;
}
.wide,
.narrow {
  border: 1px solid var(--line);
  height: 100%;
}
.narrow {
  width: 250px;
  flex: none;
  order: 2;
  margin-left: auto;
}
.frames:has(.narrow) .wide {
  flex: 0 1 auto !important;
}
.under {
  display: flex;
  gap: 8px;
  align-items: center;
  height: 46px;
  flex: none;
}
.words {
  text-align: right;
  white-space: nowrap;
  font-size: 13px;
}
</style>
