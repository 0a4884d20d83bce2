<script setup lang="ts">
import { type Field, fieldOf } from '@/look/targets'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import FittingSheet from '@/fitting/FittingSheet.vue'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import StripFact from '@/look/StripFact.vue'
import HomeSheet from '@/plan/HomeSheet.vue'
import { STATE_WORDS } from '@/words/stateWords'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import WrittenInput from '@/edit/WrittenInput.vue'
import ReleasePageSheet from '@/release/ReleasePageSheet.vue'
import { LONGEST_TITLE } from '@/newpage/form'
import HoldsSheet from './HoldsSheet.vue'
import MergeTopicSheet from './MergeTopicSheet.vue'
import HistorySheet from './HistorySheet.vue'
import NewPatternSheet from '@/galley/NewPatternSheet.vue'
import MenusSheet from './MenusSheet.vue'
import SearchSheet from './SearchSheet.vue'
import GateSheet from '@/gate/GateSheet.vue'
import { useGate } from '@/gate/useGate'
import SendProofSheet from '@/proof/SendProofSheet.vue'
import DuplicateSheet from '@/copying/DuplicateSheet.vue'
import DifferSheet from '@/theme/DifferSheet.vue'
import TakeFromSheet from '@/copying/TakeFromSheet.vue'
import WordOf from '@/help/WordOf.vue'
import SavePackSheet from '@/pack/SavePackSheet.vue'
import PartsSheet from '@/parts/PartsSheet.vue'
import { useGalley } from '@/galley/useGalley'
import { useToFill } from '@/galley/useToFill'
import { wornWords } from '@/words/wornWords'

const site = useSite()
const galley = useGalley()
const router = useRouter()
type SheetName =
  | 'fitting'
  | 'menus'
  | 'search'
  | 'home'
  | 'history'
  | 'pattern'
  | 'send'
  | 'holds'
  | 'merge'
  | 'release'
  | 'duplicate'
  | 'pack'
  | 'gate'
  | 'take'
  | 'differ'
  | 'parts'
const sheet = ref<SheetName | null>(null)
const WAYS = [
  { name: 'page', label: 'Galley' },
  { name: 'form', label: 'Form' },
]
const toFill = useToFill(galley)
const session = useSession()
const page = computed(() => galley.page.value!)
const gate = useGate(() => page.value)
const isTopic = computed(() => site.catalog?.kinds.some((k) => k.id === page.value.kind && k.topics))
const menus = computed(() =>
  page.value.menus
    .filter((m) => m.there || m.follows)
    .map((m) => (m.above ? `${m.name}, beneath ${m.above}` : m.name)),
)
const state = computed(() => STATE_WORDS[page.value.state])
/** A manager releases it from here, where visitors don't see it as it is. */
const releasable = computed(() => session.manager && page.value.state !== 'LIVE')
const searchWords = computed(() => {
  if (page.value.settings.keepOut === true) return { words: 'kept out', tone: 'quiet' }
  return page.value.description
    ? { words: 'title and text', tone: '' }
    : { words: 'no description', tone: 'should' }
})

/** How long the title is while it is written. */
const written = ref(0)
const tooLong = computed(() => written.value > LONGEST_TITLE)
const measure = (event: Event) => (written.value = [...fieldOf(event).value].length)
function rename(title: string, input: Field) {
  void site.give({ verb: 'set-title', page: page.value.id, title }, page.value.id).then((answer) => {
    if (!answer.ok) input.focus()
  })
}
</script>

<template>
  <div class="strip" role="region" aria-label="Facts of the page">
    <h1 class="unseen">Page: {{ page.title }}</h1>
    <div class="title">
      <p class="stands">
        <button
          type="button"
          class="textlink"
          title="Back to the Plan (Esc)"
          @click="router.push({ name: 'plan', params: { page: page.id } })"
        >
          Plan
        </button>
        <bdi class="mono cut">{{ page.address }}</bdi>
      </p>
      <WrittenInput
        class="disp"
        :value="page.title"
        aria-label="Title"
        :disabled="!page.changeable"
        :aria-invalid="tooLong || undefined"
        :aria-describedby="tooLong ? 'title-count' : undefined"
        @input="measure"
        @written="rename"
      />
      <span
        v-if="written > LONGEST_TITLE - 40"
        id="title-count"
        class="label count"
        :class="{ must: tooLong }"
        >{{ written }} of {{ LONGEST_TITLE }} characters</span
      >
    </div>
    <div v-if="page.changeable" class="fact ways" role="group" aria-label="Written in">
      <router-link
        v-for="way in WAYS"
        :key="way.name"
        :to="{ name: way.name, params: { page: page.id } }"
        replace
        :aria-current="$route.name === way.name ? 'page' : undefined"
        >{{ way.label }}</router-link
      >
    </div>
    <StripFact label="Wears" :note="wornWords(page)">
      <template #sign><TemplateGlyph :template="page.template" :wide="34" /></template>
      <button
        v-if="page.changeable"
        type="button"
        class="textlink"
        title="Fitting: try other templates"
        @click="sheet = 'fitting'"
      >
        {{ site.templates.get(page.template)?.name }}
      </button>
      <template v-else>{{ site.templates.get(page.template)?.name }}</template>
    </StripFact>
    <StripFact label="In menus">
      <button type="button" class="textlink" @click="sheet = 'menus'">
        {{ menus.join('; ') || 'none' }}
      </button>
    </StripFact>
    <StripFact label="Search text">
      <button type="button" class="textlink" :class="searchWords.tone" @click="sheet = 'search'">
        {{ searchWords.words }}
      </button>
    </StripFact>
    <StripFact label="Open to">
      <button v-if="session.manager" type="button" class="textlink" @click="sheet = 'gate'">
        {{ gate.words.value }}
      </button>
      <template v-else>{{ gate.words.value }}</template>
    </StripFact>
    <StripFact label="State" firm>
      <component
        :is="releasable ? 'button' : 'span'"
        :type="releasable ? 'button' : undefined"
        class="state"
        :class="[page.state, { textlink: releasable }]"
        :title="releasable ? 'Release this page…' : undefined"
        @click="releasable && (sheet = 'release')"
        >{{ state.mark }} {{ state.word }}<template v-if="page.home"> · home</template></component
      >
    </StripFact>
    <StripFact label="To fill" firm>
      <template #label><WordOf word="to fill">To fill</WordOf></template>
      <template v-if="page.toFill.length"
        ><b>{{ page.toFill.length }}</b>
        <button
          type="button"
          class="textlink"
          title="Tab walks on from one to the next"
          @click="toFill.go(1)"
        >
          next ↓
        </button></template
      >
      <span v-else class="quiet">none</span>
    </StripFact>
    <div class="acts">
      <v-menu>
        <template #activator="{ props: menu }">
          <v-btn v-bind="menu">More ▾</v-btn>
        </template>
        <v-list>
          <v-list-item
            v-if="session.manager && !page.home"
            title="Make it the home page…"
            @click="sheet = 'home'"
          />
          <v-list-item v-if="releasable" title="Release this page…" @click="sheet = 'release'" />
          <v-list-item title="History…" @click="sheet = 'history'" />
          <v-list-item v-if="page.changeable" title="Parts of the page…" @click="sheet = 'parts'" />
          <v-list-item title="What may stand beneath it…" @click="sheet = 'holds'" />
          <v-list-item
            v-if="session.manager && isTopic"
            title="Merge into another topic…"
            @click="sheet = 'merge'"
          />
          <v-list-item title="Duplicate…" @click="sheet = 'duplicate'" />
          <v-list-item v-if="page.changeable" title="Take from another page…" @click="sheet = 'take'" />
          <v-list-item v-if="session.manager" title="Differ from the theme…" @click="sheet = 'differ'" />
          <v-list-item title="Send a proof…" @click="sheet = 'send'" />
          <v-list-item v-if="session.manager" title="Save as a pack…" @click="sheet = 'pack'" />
          <v-list-item
            v-if="session.manager"
            title="Keep the page as a pattern…"
            @click="sheet = 'pattern'"
          />
        </v-list>
      </v-menu>
    </div>
    <FittingSheet v-if="sheet === 'fitting'" :page="page.id" @close="sheet = null" />
    <ReleasePageSheet v-if="sheet === 'release'" :page="page.id" :title="page.title" @close="sheet = null" />
    <GateSheet v-if="sheet === 'gate'" :page="page" @close="sheet = null" />
    <HistorySheet v-if="sheet === 'history'" @close="sheet = null" />
    <HoldsSheet v-if="sheet === 'holds'" :page="page" @close="sheet = null" />
    <PartsSheet v-if="sheet === 'parts'" :pages="[page.id]" :title="page.title" @close="sheet = null" />
    <MergeTopicSheet v-if="sheet === 'merge'" :page="page" @close="sheet = null" />
    <DuplicateSheet v-if="sheet === 'duplicate'" :page="page.id" @close="sheet = null" />
    <TakeFromSheet v-if="sheet === 'take'" :page="page" @close="sheet = null" />
    <DifferSheet v-if="sheet === 'differ'" :item="page" of="page" :kind="page.kind" @close="sheet = null" />
    <SavePackSheet v-if="sheet === 'pack'" :pages="[page.id]" @close="sheet = null" />
    <SendProofSheet v-if="sheet === 'send'" :page="galley.id()" @close="sheet = null" />
    <NewPatternSheet
      v-if="sheet === 'pattern'"
      :page="page.id"
      :suggested="page.title"
      @close="sheet = null"
    />
    <MenusSheet v-if="sheet === 'menus'" @close="sheet = null" />
    <SearchSheet v-if="sheet === 'search'" @close="sheet = null" />
    <HomeSheet v-if="sheet === 'home'" :page="page.id" @close="sheet = null" />
  </div>
</template>

<style scoped>
.title {
  position: relative;
}
.title:has([aria-invalid]) :deep(input) {
  border-color: var(--brick);
}
.count {
  position: absolute;
  right: 0;
  top: 1px;
  background: var(--paper);
}
.stands {
  display: flex;
  align-items: baseline;
  gap: 10px;
}
.stands .textlink {
  font-size: 13px;
  line-height: 20px;
  flex: none;
}
.ways {
  gap: 12px;
  flex: none;
}
.ways a {
  border-bottom: 2px solid transparent;
  color: var(--quiet);
  text-decoration: none;
  font-size: 13.5px;
  line-height: 24px;
}
.ways a[aria-current] {
  border-color: var(--juniper);
  color: var(--ink);
  font-weight: 600;
}
</style>
