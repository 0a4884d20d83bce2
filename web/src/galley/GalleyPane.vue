<script setup lang="ts">
import { elementOf } from '@/look/targets'
import WordOf from '@/help/WordOf.vue'
import { counted } from '@/words/counted'
import { computed, ref, watch } from 'vue'
import { aloud } from '@/edit/aloud'
import FactsCard from './FactsCard.vue'
import FarSection from './FarSection.vue'
import GoneLine from './GoneLine.vue'
import SectionCard from './SectionCard.vue'
import UnseenSides from './UnseenSides.vue'
import SectionsBar from './SectionsBar.vue'
import type { PlacedSection, ZoneDetail } from '@/api/types'
import { backTo } from './places'
import { writeIn } from './writable'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { vArrival } from '@/look/vFocus'
import { vDrag, vOnto } from '@/look/dragging'
import { useGalley } from './useGalley'

const galley = useGalley()
const site = useSite()
const session = useSession()
const manager = computed(() => session.manager)
const page = computed(() => galley.sheet.value!)
const root = ref<HTMLElement | null>(null)
defineExpose({ root })
watch(
  [galley.attended, galley.sheet],
  ([attended]) => {
    if (!attended?.isThere()) return
    galley.attended.value = null
    aloud(attended.says())
    if (attended.stays) return
    const card = root.value?.querySelector<HTMLElement>(`[data-section="${attended.section}"]`)
    const at = attended.writes?.element
    if (card && attended.writes) void write(at ? card.querySelector(`[data-element="${at}"]`)! : card, card)
    else (card ?? root.value)?.focus({ preventScroll: true })
  },
  { flush: 'post' },
)
/** What has no field of its own has focus itself, so that keys go on from there. */
async function write(within: Element, card: HTMLElement) {
  if (!(await writeIn(within))) card.focus({ preventScroll: true })
}
const dragged = ref<string | null>(null)
const armed = ref<string | null>(null)
const over = ref<{ zone: string; index: number } | null>(null)
/** While a section is dragged the cards fold to their heads, so that every place is in reach. */
const folded = ref(false)
/** So they stand until they are unfolded, where somebody asks for it. */
const shut = ref(false)

/** Only a card's head is a handle; elsewhere the mouse selects text. */
function arm(event: MouseEvent, section: string) {
  const target = elementOf(event.target)
  armed.value = target?.closest('header') && !target.closest('input, button') ? section : null
}
function begin(section: string) {
  dragged.value = section
  window.setTimeout(() => (folded.value = dragged.value !== null))
}
/** Wherever it was let go: it goes to where it was shown to go last. */
function drop() {
  const section = dragged.value
  const to = over.value
  letGo()
  if (!section || !to) return
  const from = galley.place(section)
  const index = from?.zone === to.zone && from.index < to.index ? to.index - 1 : to.index
  if (from?.zone === to.zone && from.index === index) return
  void galley.give({ verb: 'move-section', item: galley.id(), section, zone: to.zone, index })
}
function letGo() {
  dragged.value = null
  over.value = null
  folded.value = false
}
function hover(zone: ZoneDetail, index: number, share: number) {
  over.value = refusal(zone) ? null : { zone: zone.key, index: share > 0.5 ? index + 1 : index }
}
function hoverEnd(zone: ZoneDetail) {
  over.value = refusal(zone) ? null : { zone: zone.key, index: zone.sections.length }
}
/** Why what is being dragged can't be dropped into a zone. */
function refusal(zone: ZoneDetail): string {
  return dragged.value ? galley.whyNot(zone, dragged.value) : ''
}
function takes(zone: ZoneDetail): string {
  const name = (key: string) => site.catalog?.elements.find((e) => e.key === key)?.name.toLowerCase() ?? key
  return `Takes ${zone.accepts.map(name).join(', ')}`
}
function isOver(zone: string, index: number) {
  return over.value?.zone === zone && over.value.index === index
}
const isGone = (zone: string, index: number) => {
  const gone = galley.gone.value
  return gone?.zone === zone && gone.index === index
}
function bringBack(section: PlacedSection['section']) {
  const zone = backTo(page.value.zones, section)
  if (zone)
    void galley.give({
      verb: 'move-section',
      item: galley.id(),
      section: section.id,
      zone: zone.key,
      index: zone.sections.length,
    })
}
const plans: Record<string, [number, number, number, number]> = {
  TOP: [1, 4, 24, 5],
  LEFT: [1, 5, 7, 12],
  MAIN: [1, 5, 24, 10],
  RIGHT: [18, 5, 7, 12],
  FOOT: [1, 14, 24, 3],
}
</script>

<template>
  <section
    ref="root"
    v-onto="{ drop }"
    v-arrival
    class="galley"
    :class="{ folded: folded || shut }"
    tabindex="-1"
    aria-label="Galley"
  >
    <SectionsBar v-model="shut" />
    <FactsCard v-if="galley.page.value" />
    <slot />
    <div v-for="zone in page.zones" :key="zone.key" class="zone">
      <div class="zone-head">
        <svg width="26" height="19" viewBox="0 0 26 19" aria-hidden="true">
          <rect x="0.5" y="0.5" width="25" height="18" rx="1" fill="none" stroke="currentColor" />
          <rect
            :x="plans[zone.role]?.[0]"
            :y="plans[zone.role]?.[1]"
            :width="plans[zone.role]?.[2]"
            :height="plans[zone.role]?.[3]"
            fill="var(--juniper)"
          />
        </svg>
        <b>{{ zone.name }}</b>
        <span class="quiet">
          {{ counted(zone.sections.length, 'section')
          }}<template v-if="galley.page.value"> of this page</template
          ><template v-if="zone.fixed.length">
            · {{ zone.fixed.length }} <WordOf word="fixed section">fixed</WordOf> in the template</template
          >
          <span v-if="zone.accepts.length" :title="takes(zone)">
            · takes {{ zone.accepts.length }} kinds of element</span
          >
        </span>
      </div>
      <p v-if="refusal(zone)" class="refused" role="status">{{ refusal(zone) }}</p>
      <FarSection v-for="f in zone.fixed" :key="f.section.id" :own="f" />
      <template v-for="(own, i) in zone.sections" :key="own.section.id">
        <GoneLine v-if="isGone(zone.key, i)" />
        <button
          type="button"
          class="insert"
          :class="{ target: isOver(zone.key, i) }"
          :aria-label="`+ section here, before ${own.section.name}`"
          @click="galley.openTray(zone.key, i)"
        >
          <span>+ section here</span>
        </button>
        <component
          :is="own.reach === 'SHARED' && !manager ? FarSection : SectionCard"
          v-drag="armed === own.section.id ? { begin: () => begin(own.section.id), end: letGo } : null"
          v-onto="{ over: (share) => hover(zone, i, share), drop }"
          :own="own"
          @mousedown="arm($event, own.section.id)"
        />
      </template>
      <GoneLine v-if="isGone(zone.key, zone.sections.length)" />
      <button
        v-onto="{ over: () => hoverEnd(zone), drop }"
        type="button"
        class="insert last"
        :class="{ target: isOver(zone.key, zone.sections.length) }"
        @click="galley.openTray(zone.key, zone.sections.length)"
      >
        <span>+ section here<span class="kbd">I</span></span>
      </button>
    </div>
    <UnseenSides />
    <div v-if="page.everywhere.length" class="zone">
      <div class="zone-head"><b>On every page</b><span class="quiet">at its end</span></div>
      <FarSection v-for="f in page.everywhere" :key="f.section.id" :own="f" />
    </div>
    <div v-if="page.shelf.length" class="zone">
      <div class="zone-head">
        <b><WordOf word="shelf">Shelf</WordOf></b
        ><span class="quiet">without a place in this template; visitors don’t see them</span>
      </div>
      <div v-for="s in page.shelf" :key="s.id" class="elsewhere">
        <b>{{ s.name }}</b><span class="grow" />
        <v-btn @click="bringBack(s)">Bring it back to the page</v-btn>
      </div>
    </div>
  </section>
</template>

<style scoped>
.galley {
  overflow-y: auto;
  padding: 16px 20px 60px;
  border-right: 1px solid var(--line);
  scrollbar-width: thin;
  /* It begins at the window's edge: a ring around it would lie outside. */
  outline-offset: -2px;
}
.galley.folded :deep(.card > :not(header)) {
  display: none;
}
.zone {
  margin-bottom: 18px;
}
.zone-head {
  display: flex;
  align-items: center;
  gap: 9px;
  margin-bottom: 8px;
  color: var(--ink);
}
.zone-head b {
  flex: none;
  max-width: 60%;
  overflow-wrap: anywhere;
}
.refused {
  color: var(--brick);
  font-size: 13px;
  margin-bottom: 6px;
}
.insert {
  display: flex;
  align-items: center;
  width: 100%;
  height: 24px;
  border: 0;
  background: none;
  color: var(--quiet);
  font: 12px/16px var(--text);
  padding: 0;
}
.insert::before,
.insert::after {
  content: '';
  flex: 1;
  border-top: 1px solid var(--line);
}
.insert span {
  padding: 0 10px;
}
.insert.last {
  height: 30px;
}
.insert:is(:hover, :focus-visible, .target) {
  color: var(--juniper);
}
.insert:is(:hover, :focus-visible, .target)::before,
.insert:is(:hover, :focus-visible, .target)::after {
  border-color: var(--juniper);
}
.insert.target {
  background: var(--juniper-wash);
}
</style>
