<script setup lang="ts">
import { useLocalStorage, watchDebounced } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import FirstSteps from './FirstSteps.vue'
import BringInSheet from '@/pack/BringInSheet.vue'
import SavePackSheet from '@/pack/SavePackSheet.vue'
import { useDroppedPack } from '@/pack/useDroppedPack'
import DuplicateSheet from '@/copying/DuplicateSheet.vue'
import FitManySheet from '@/fitting/FitManySheet.vue'
import FittingSheet from '@/fitting/FittingSheet.vue'
import { useNarrow } from '@/look/useNarrow'
import { useSite } from '@/site/useSite'
import GateCard from '@/gate/GateCard.vue'
import GateLanesHead from '@/gate/GateLanesHead.vue'
import WalkLinks from '@/gate/WalkLinks.vue'
import { gateLanes, STRANGER } from '@/gate/gates'
import HomeSheet from './HomeSheet.vue'
import LanesHead from './LanesHead.vue'
import BinSheet from './BinSheet.vue'
import FilterLine from './FilterLine.vue'
import { askedOf, keeping, queryOf, type Asked } from './filters'
import MoveSheet from './MoveSheet.vue'
import OrderSheet from './OrderSheet.vue'
import PlanTableSheet from './PlanTableSheet.vue'
import { useCame } from './useCame'
import { LENSES, shadeOf, type LensKey } from './lenses'
import { carried, outline } from './outline'
import PageCard from './PageCard.vue'
import PlanHead from './PlanHead.vue'
import PlanTree from './PlanTree.vue'
import ProofSheet from './ProofSheet.vue'
import RemoveSheet from './RemoveSheet.vue'
import ManyCard from './ManyCard.vue'
import { useFolded } from './useFolded'
import { menuLanes } from './menuLanes'
import { usePicked } from './usePicked'
import { usePlanKeys, type SheetName } from './usePlanKeys'
import { usePlanMoves } from './usePlanMoves'

const site = useSite()
const route = useRoute()
const router = useRouter()
const planTree = ref<InstanceType<typeof PlanTree> | null>(null)
const tree = computed(() => planTree.value?.tree ?? null)
const lens = useLocalStorage<LensKey>('venue-lens', 'template')
const { folded, toggle, reveal } = useFolded()
const narrow = useNarrow()
/** Where there is no room for both, the chosen page's card stands in place of the plan. */
const card = ref(false)
const renaming = ref<string | null>(null)
const refused = ref<string>()
const sheet = ref<SheetName | null>(null)
/** What the plan is narrowed to stands in its address. */
const asked = computed<Asked>({
  get: () => askedOf(route.query),
  set: (to) => void router.replace({ name: 'plan', params: route.params, query: queryOf(to) }),
})
/** Whoever asks from elsewhere for what is done here is led to it. */
const LED: SheetName[] = ['home', 'bin', 'table']
watch(
  () => route.query.sheet,
  (wanted) => {
    const led = LED.find((name) => name === wanted)
    if (!led) return
    sheet.value = led
    void router.replace({ name: 'plan', params: route.params, query: queryOf(asked.value) })
  },
  { immediate: true },
)
const moves = usePlanMoves(choose)
const { pack, carries, dropped } = useDroppedPack()

const narrowing = ref(false)
const words = ref(asked.value.words ?? '')
watchDebounced(words, (to) => (asked.value = { ...asked.value, words: to }), { debounce: 120 })
watch(
  () => asked.value.words ?? '',
  (to) => to.trim() !== words.value.trim() && (words.value = to),
)
const keep = computed(() => keeping(asked.value))
const came = useCame(lens)
const lines = computed(() => {
  const { order, rows } = carried(site.order, site.rows, moves.held.value)
  const shut = new Set(folded.value)
  for (let at = moves.held.value?.parent; at; at = rows.get(at)?.parent) shut.delete(at)
  return outline(order, rows, { folded: shut, keep: keep.value })
})
// Chosen at once; the address follows.
const picked = ref(String(route.params.page ?? ''))
watch(
  () => route.params.page,
  (page) => {
    picked.value = String(page ?? '')
    reveal(picked.value)
  },
  { immediate: true },
)
const chosen = computed(() => {
  return site.rows.has(picked.value) ? picked.value : (lines.value[0]?.row.id ?? null)
})
/** The page that somebody has pointed at; the first of the plan shows where nobody has, but is meant by nobody. */
const meant = computed(() => (site.rows.has(picked.value) ? picked.value : null))
const picks = usePicked(lines, chosen)
function choose(id: string) {
  picked.value = id
  void router.replace({ name: 'plan', params: { page: id }, query: route.query })
}
/** With Ctrl a page is taken in or out, with Shift all up to it. */
function point(id: string, event: MouseEvent) {
  if (event.ctrlKey || event.metaKey) return picks.toggle(id)
  if (event.shiftKey) return picks.extend(id)
  picks.clear()
  choose(id)
  card.value = true
}
const lanes = computed(() => menuLanes(site.catalog?.menus))
/** Under the lens of who may see pages, groups of visitors have the lanes. */
const gated = computed(() => (lens.value === 'gate' ? gateLanes(site.catalog?.groups ?? []) : null))
const as = ref(STRANGER.key)
function open(id: string) {
  void router.push({ name: 'page', params: { page: id } })
}
function nextLens() {
  const at = LENSES.findIndex((l) => l.key === lens.value)
  lens.value = LENSES[(at + 1) % LENSES.length]?.key ?? 'template'
}
function makeNew(how: 'beneath' | 'after') {
  const row = meant.value ? site.rows.get(meant.value) : undefined
  const parent = how === 'beneath' ? row?.id : row?.parent
  void router.push({ name: 'new', query: { parent, after: how === 'after' ? row?.id : undefined } })
}
const toWords = (parent: string | null) =>
  parent ? `beneath “${site.rows.get(parent)?.title}”` : 'to the top'
/** The page beneath which is put in order; none for the top. */
const ordering = ref<string | null>(null)
function openSheet(name: SheetName, page: string | null = null) {
  ordering.value = page
  sheet.value = name
}
async function rename(id: string, title: string | null) {
  if (renaming.value !== id) return
  renaming.value = null
  refused.value = undefined
  void nextTick(() => tree.value?.focus())
  if (title === null || title.trim() === site.rows.get(id)?.title) return
  const answer = await site.give({ verb: 'set-title', page: id, title }, id)
  if (answer.ok || renaming.value) return
  refused.value = title
  renaming.value = id
}
async function setMenu(id: string, menu: string, there: boolean) {
  if (there) await site.give({ verb: 'remove-from-menu', menu, page: id })
  else await site.give({ verb: 'place-in-menu', menu, page: id, id: `m-${id}`.slice(0, 40) })
}

usePlanKeys({
  tree,
  moves,
  lines,
  chosen,
  folded,
  choose,
  open,
  toggle,
  nextLens,
  makeNew,
  renaming,
  sheet,
  picks,
})
</script>

<template>
  <div class="screen" @dragover="carries" @drop="dropped">
    <BringInSheet v-if="pack" :given="pack" :page="chosen" @close="pack = null" />
    <p v-if="narrow && card" class="back">
      <button type="button" class="textlink" @click="card = false">← The plan</button>
    </p>
    <PlanHead
      v-else
      v-model="words"
      :lens="lens"
      :came="came"
      :chosen="meant"
      :narrowing="narrowing"
      @lens="(to) => (lens = to)"
      @make="makeNew('beneath')"
      @narrow="narrowing = !narrowing"
      @sheet="openSheet"
    >
      <WalkLinks
        v-if="gated"
        v-model="as"
        :lanes="gated"
        :address="site.rows.get(chosen ?? '')?.address ?? '/'"
      />
    </PlanHead>
    <FilterLine v-if="(narrowing || keep) && (!narrow || !card)" v-model="asked" :shown="lines.length" />
    <div class="split">
      <div v-show="!narrow || !card" class="plan">
        <GateLanesHead v-if="gated" v-model="as" :lanes="gated" />
        <LanesHead v-else :lanes="lanes" />
        <PlanTree
          ref="planTree"
          :lines="lines"
          :lanes="lanes"
          :gated="gated"
          :chosen="chosen"
          :picked="picks.many.value"
          :renaming="renaming"
          :refused="refused"
          :colour="(row) => shadeOf(lens, row, site.templates, site.kinds, came).colour"
          :moves="moves"
          @choose="point"
          @open="open"
          @fold="toggle"
          @rename="rename"
          @menu="setMenu"
        />
        <FirstSteps />
      </div>
      <ManyCard
        v-if="picks.many.value.length"
        :pages="picks.many.value"
        @clear="picks.clear()"
        @fitting="sheet = 'fitting'"
      />
      <GateCard
        v-else-if="gated && chosen && (!narrow || card)"
        :key="chosen"
        :page="chosen"
        :lanes="gated"
        :as="as"
        @open="open(chosen)"
      />
      <PageCard
        v-else-if="chosen && (!narrow || card)"
        :key="chosen"
        :page="chosen"
        @open="open(chosen)"
        @rename="renaming = chosen"
        @sheet="(s) => openSheet(s, chosen)"
      />
    </div>
    <MoveSheet
      v-if="moves.along.value"
      :title="site.rows.get(moves.along.value.page)?.title ?? ''"
      :to="toWords(moves.along.value.parent)"
      :why="moves.along.value.why"
      :coming="moves.along.value.coming"
      :lines="moves.along.value.lines"
      @answer="moves.answer"
    />
    <BinSheet v-if="sheet === 'bin'" @close="sheet = null" @back="choose" />
    <PlanTableSheet v-if="sheet === 'table'" @close="sheet = null" />
    <OrderSheet v-if="sheet === 'order'" :page="ordering" @close="sheet = null" />
    <template v-if="chosen">
      <FitManySheet
        v-if="sheet === 'fitting' && picks.many.value.length"
        :pages="picks.many.value"
        @close="sheet = null"
        @taken="sheet = null"
      />
      <FittingSheet v-else-if="sheet === 'fitting'" :page="chosen" @close="sheet = null" />
      <HomeSheet v-if="sheet === 'home'" :page="chosen" @close="sheet = null" />
      <ProofSheet v-if="sheet === 'proof'" :page="chosen" @close="sheet = null" />
      <SavePackSheet v-if="sheet === 'pack'" :pages="[chosen]" @close="sheet = null" />
      <DuplicateSheet v-if="sheet === 'duplicate'" :page="chosen" @close="sheet = null" />
      <RemoveSheet v-if="sheet === 'remove'" :page="chosen" @close="sheet = null" />
    </template>
  </div>
</template>

<style scoped>
.plan {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
}
.back {
  padding: 10px 14px;
}
@media (max-width: 820px) {
  .split {
    display: flex !important;
    flex-direction: column;
  }
  .plan {
    height: 100%;
  }
}
</style>
