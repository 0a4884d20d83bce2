<script setup lang="ts">
import { useEventListener, useLocalStorage } from '@vueuse/core'
import { computed, nextTick, onMounted, ref } from 'vue'
import type { PatternInfo } from '@/api/types'
import { counted } from '@/words/counted'
import FilterTabs from '@/look/FilterTabs.vue'
import LibraryShelf from '@/library/LibraryShelf.vue'
import DrawingBoard from '@/drawing/DrawingBoard.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { COLUMN_SHAPES } from './columnShapes'
import { offered } from '@/site/offered'
import TakePageSheet from './TakePageSheet.vue'
import TrayDrawing from './TrayDrawing.vue'
import { useGalley } from './useGalley'
import { whyNotIn } from './whyNotIn'
import { walk } from './walking'

const site = useSite()
const session = useSession()
const galley = useGalley()
const search = ref('')
const group = ref('All')
const box = ref<HTMLElement | null>(null)
const spot = computed(() => galley.spot.value!)
const purposes = computed(() =>
  (site.catalog?.patternGroups ?? []).filter((g) => patterns.value.some((p) => p.group === g)),
)
const rank = (p: PatternInfo) => purposes.value.indexOf(p.group)
const recent = useLocalStorage<string[]>(`venue-recent-${site.id}`, [])
const RECENT = 8
const patterns = computed(() => offered(site.catalog).filter((p) => p.id !== galley.id()))
const groups = computed(() => {
  return [
    'All',
    ...(recent.value.length ? ['Used lately'] : []),
    ...purposes.value,
    ...(site.catalog?.shared.length && galley.sheet.value?.sort !== 'pattern' ? ['Shared'] : []),
    'Empty',
  ]
})
const tabs = computed(() => groups.value.map((name) => ({ key: name, name })))
const zone = computed(() => galley.sheet.value?.zones.find((z) => z.key === spot.value.zone))
const after = computed(() => zone.value?.sections[spot.value.index - 1]?.section.name)
const narrow = computed(() => ['LEFT', 'RIGHT'].includes(zone.value?.role ?? ''))
const takes = (kinds: string[]) => !zone.value || !whyNotIn(zone.value, kinds, [])
const fits = (p: PatternInfo) => takes(p.kinds) && (!narrow.value || (p.sections === 1 && p.columns === 1))
/** Not in a pattern, which is copied. */
const shared = computed(() =>
  galley.sheet.value?.sort === 'pattern' ? [] : (site.catalog?.shared ?? []).filter((s) => takes(s.kinds)),
)
const everything = ref(false)
const onPage = computed(() => galley.sheet.value?.sort === 'page')
const shown = computed(() => {
  const words = search.value.trim().toLowerCase()
  return patterns.value
    .filter((p) => group.value === 'All' || inGroup(p))
    .filter((p) => `${p.name} ${p.group}`.toLowerCase().includes(words))
    .filter((p) => takes(p.kinds) && (everything.value || fits(p)))
    .sort((a, b) => rank(a) - rank(b))
})
const left = computed(() =>
  everything.value
    ? 0
    : patterns.value.filter((p) => (group.value === 'All' || inGroup(p)) && takes(p.kinds) && !fits(p))
        .length,
)
function inGroup(p: PatternInfo): boolean {
  return group.value === 'Used lately' ? recent.value.includes(p.id) : p.group === group.value
}

/** Several sections go in at once where there is nothing yet; else they are looked at first. */
const asked = ref<PatternInfo | null>(null)
function choose(pattern: PatternInfo, event: MouseEvent) {
  const mine = galley.sheet.value?.zones.some((z) => z.role === 'MAIN' && z.sections.length)
  if (pattern.sections > 1 && mine && onPage.value) asked.value = pattern
  else place(pattern, event.shiftKey)
}
async function take(pattern: PatternInfo, instead: boolean) {
  asked.value = null
  if (!instead) return place(pattern)
  used(pattern)
  close()
  await galley.give({ verb: 'take-pattern', page: galley.id(), pattern: pattern.id })
}
function used(pattern: PatternInfo) {
  recent.value = [pattern.id, ...recent.value.filter((r) => r !== pattern.id)].slice(0, RECENT)
}
/** Where it stays, the tray goes on to what comes after that, and to its words. */
async function put(what: { pattern?: string; shared?: string; spans: number[] }, stays: boolean, many = 1) {
  const { zone, index } = spot.value
  if (!stays) {
    close()
    await galley.put({ zone, index }, what)
    return
  }
  search.value = ''
  box.value?.querySelector<HTMLElement>('input[type=search]')?.focus()
  galley.goOn(many)
  if (!(await galley.put({ zone, index }, what, true))) galley.goOn(-many)
}
function place(pattern: PatternInfo, stays = false) {
  used(pattern)
  void put({ pattern: pattern.id, spans: [] }, stays, pattern.sections)
}
const close = galley.closeTray
onMounted(async () => {
  await nextTick()
  box.value?.querySelector<HTMLElement>('.patterns button')?.focus()
})
useEventListener(
  window,
  'keydown',
  (event: KeyboardEvent) => {
    if (event.key === 'Escape' && !asked.value) {
      event.stopImmediatePropagation()
      close()
    }
  },
  { capture: true },
)
</script>

<template>
  <section ref="box" class="tray" aria-label="Pattern tray" @keydown="(e) => box && walk(e, box)">
    <header>
      <b class="disp">Place a section</b>
      <span class="quiet cut">{{ after ? `after ${after}, ` : '' }}in {{ zone?.name }}</span>
      <span class="grow" />
      <span class="quiet several"><span class="kbd">Shift</span> keeps this open for one more</span>
      <input
        v-model="search"
        type="search"
        placeholder="Find a pattern"
        aria-label="Find a pattern"
        aria-description="Arrow down leads to the drawings, and arrows walk them"
      />
      <v-btn @click="close">Close<span class="kbd">Esc</span></v-btn>
    </header>
    <FilterTabs v-model="group" class="tabs" :tabs="tabs" label="Purpose" />
    <div v-if="group === 'Empty'" class="shapes patterns">
      <button
        v-for="s in COLUMN_SHAPES"
        :key="s.name"
        type="button"
        @click="(e) => put({ spans: [...s.spans] }, e.shiftKey)"
      >
        <span class="shape"><i v-for="(span, i) in s.spans" :key="i" :style="{ flex: span }" /></span>
        <b>{{ s.name }}</b>
      </button>
    </div>
    <div v-else class="room">
      <DrawingBoard>
        <div v-if="group === 'Shared'" class="patterns">
          <TrayDrawing
            v-for="s in shared"
            :key="s.id"
            :of="`shared/${s.id}?drawn=${s.drawn}`"
            :version="s.drawn"
            :name="s.name"
            :note="`the same on ${counted(s.pages, 'page')}`"
            @click="(e: MouseEvent) => put({ shared: s.id, spans: [] }, e.shiftKey)"
          />
          <p v-if="shared.length === 0" class="quiet">This zone takes none of the shared sections.</p>
        </div>
        <div v-else class="patterns">
          <TrayDrawing
            v-for="p in shown"
            :key="p.id"
            :of="`pattern/${p.id}?drawn=${p.drawn}`"
            :version="p.drawn"
            :name="p.name"
            :note="p.toFill ? `${p.toFill} to fill` : 'ready'"
            @click="(e: MouseEvent) => choose(p, e)"
          />
          <p v-if="shown.length === 0" class="quiet">
            No pattern is called so. Try another purpose, or place an empty section.
          </p>
          <button v-if="left" type="button" class="textlink" @click="everything = true">
            {{ left }} more are wider than this zone. Show them too
          </button>
        </div></DrawingBoard
      >
      <!-- Beneath the drawings: what comes about later must not move them from under the pointer. -->
      <LibraryShelf v-if="group === 'All' && session.manager && !search" class="shelf" :sorts="['PATTERN']" />
    </div>
    <TakePageSheet
      v-if="asked"
      :pattern="asked"
      :spot="spot"
      @take="(instead) => take(asked!, instead)"
      @close="asked = null"
    />
  </section>
</template>

<style scoped>
.tray {
  position: absolute;
  left: 0;
  right: 0;
  bottom: 0;
  height: 54%;
  background: var(--sheet);
  border-top: 2px solid var(--juniper);
  z-index: 20;
  display: flex;
  flex-direction: column;
  animation: rise 0.16s ease-out;
}
@keyframes rise {
  from {
    transform: translateY(30px);
    opacity: 0;
  }
}
header {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 9px 20px;
  white-space: nowrap;
}
@media (max-width: 900px), (hover: none) {
  .several {
    display: none;
  }
}
@media (max-width: 600px) {
  header {
    flex-wrap: wrap;
  }
  header .cut {
    order: 1;
    flex-basis: 100%;
  }
}
.tabs {
  padding: 0 20px 8px;
}
input {
  width: 130px;
  border: 1px solid var(--line);
  border-radius: 3px;
  font: 13px/26px var(--text);
  padding: 0 8px;
  background: var(--paper);
  color: inherit;
}
.room {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
}
.shelf {
  margin: 0 20px 20px;
}
.patterns {
  padding: 4px 20px 20px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 16px 14px;
  align-content: start;
}
.patterns button {
  border: 0;
  background: none;
  padding: 0;
  text-align: left;
  font: inherit;
  color: inherit;
}
.shapes button:hover .shape,
.shapes button:focus-visible .shape {
  border-color: var(--juniper);
  box-shadow: 0 0 0 1px var(--juniper);
}
.shapes {
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
}
.shape {
  display: flex;
  gap: 4px;
  height: 70px;
  border: 1px solid var(--line);
  padding: 8px;
  margin-bottom: 6px;
}
.shape i {
  background: var(--juniper-wash);
}
</style>
