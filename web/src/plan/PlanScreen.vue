<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { useLocalStorage } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import { fold } from '@/words/fold'
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
import HomeSheet from './HomeSheet.vue'
import LanesHead from './LanesHead.vue'
import LinesAlongSheet from './LinesAlongSheet.vue'
import { LENSES, shadeOf, type LensKey } from './lenses'
import { carried, outline } from './outline'
import PageCard from './PageCard.vue'
import PlanHead from './PlanHead.vue'
import PlanTree from './PlanTree.vue'
import ProofSheet from './ProofSheet.vue'
import RemoveSheet from './RemoveSheet.vue'
import { STATE_WORDS } from '@/words/stateWords'
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
const filter = ref('')
const narrow = useNarrow()
/** Where there is no room for both, the chosen page's card stands in place of the plan. */
const card = ref(false)
const renaming = ref<string | null>(null)
const refused = ref<string>()
const sheet = ref<SheetName | null>(null)
const moves = usePlanMoves(choose)
const { pack, carries, dropped } = useDroppedPack()

const state = computed(() => String(route.query.state ?? ''))
const stateWord = computed(() => new Map(Object.entries(STATE_WORDS)).get(state.value)?.word ?? 'found')
const keep = computed(() => {
  const words = fold(filter.value.trim())
  if (!words && !state.value) return undefined
  return (r: { title: string; address: string; state: string; found: string }) =>
    (!state.value || r.state === state.value) && fold(`${r.title} ${r.address} ${r.found}`).includes(words)
})
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
      v-model="filter"
      :lens="lens"
      :chosen="meant"
      @lens="nextLens"
      @make="makeNew('beneath')"
    />
    <div class="split">
      <div v-show="!narrow || !card" class="plan">
        <LanesHead :lanes="lanes">
          <template v-if="state || filter">
            {{ lines.length }} {{ stateWord }} ·
            <router-link :to="{ name: 'plan' }" @click="filter = ''">show all</router-link>
          </template>
        </LanesHead>
        <PlanTree
          ref="planTree"
          :lines="lines"
          :lanes="lanes"
          :chosen="chosen"
          :picked="picks.many.value"
          :renaming="renaming"
          :refused="refused"
          :colour="(row) => shadeOf(lens, row, site.templates, site.kinds).colour"
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
      <PageCard
        v-else-if="chosen && (!narrow || card)"
        :key="chosen"
        :page="chosen"
        @open="open(chosen)"
        @rename="renaming = chosen"
        @sheet="(s) => (sheet = s)"
      />
    </div>
    <SheetDialog
      v-if="moves.asking.value"
      title="Against the rules of placement"
      size="narrow"
      @close="moves.answer(false)"
    >
      <p class="gap">{{ moves.asking.value?.why }}. Moved even so, the survey will say so of the page.</p>
      <v-btn class="yes" @click="moves.answer(true)">Move it even so</v-btn>
      <v-btn @click="moves.answer(false)">Leave it<span class="kbd">Esc</span></v-btn>
    </SheetDialog>
    <LinesAlongSheet
      v-if="moves.along.value"
      :title="site.rows.get(moves.along.value.page)?.title ?? ''"
      :lines="moves.along.value.lines"
      @answer="moves.answerLines"
    />
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
