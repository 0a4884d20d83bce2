<script setup lang="ts">
import { computed, nextTick, ref, watch, onMounted } from 'vue'
import type { PlacedSection } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import WrittenInput from '@/edit/WrittenInput.vue'
import { shownTo } from '@/gate/shownTo'
import ColumnsRow from './ColumnsRow.vue'
import LineageMenu from './LineageMenu.vue'
import NewPatternSheet from './NewPatternSheet.vue'
import ReachSheet from './ReachSheet.vue'
import SettingsPane from './SettingsPane.vue'
import WaitingSettings from './WaitingSettings.vue'
import { plainWords } from '@/words/fold'
import { reachOf } from '@/words/reachWords'
import { whereShown } from './optionAnswers'
import { useGalley } from './useGalley'

const props = defineProps<{ own: PlacedSection }>()
const emit = defineEmits<{ fold: [] }>()
const site = useSite()
const galley = useGalley()
const notices = useNotices()
const session = useSession()
const settings = ref(false)
const keeping = ref(false)
const reaching = ref(false)
const manager = computed(() => session.manager)
const card = ref<HTMLElement | null>(null)

const section = computed(() => props.own.section)
const chosen = computed(() => galley.chosen.value === section.value.id)
const toFill = computed(
  () => galley.sheet.value?.toFill.filter((p) => p.section === section.value.id).length ?? 0,
)
const tone = computed(() =>
  site.catalog?.tones.find((t) => t.key === (section.value.settings.tone ?? 'plain')),
)
const otherZones = computed(() => {
  const here = galley.place(section.value.id)?.zone
  return (galley.sheet.value?.zones ?? [])
    .filter((z) => z.key !== here)
    .map((z) => ({ ...z, whyNot: galley.whyNot(z, section.value.id) }))
})
/** On the page itself; what stands in the template or on every page is arranged there. */
const movable = computed(() => galley.place(section.value.id) !== null)
const onPage = computed(() => galley.sheet.value?.sort === 'page')
function changeReach() {
  reaching.value = true
}

/** Whoever is led to it has it in sight. */
watch(chosen, intoSight)
onMounted(() => intoSight(chosen.value))
async function intoSight(is: boolean) {
  await nextTick()
  // What is under a pressed pointer stays there, or the press would end beside it.
  if (is && !card.value?.matches(':active') && !card.value?.contains(document.activeElement))
    card.value?.scrollIntoView({ block: 'nearest', behavior: 'smooth' })
}

/** Who else is in this section now; as one text, so that a card is drawn anew only where that is another. */
const others = computed(() => {
  const place = `${galley.id()}#${section.value.id}`
  const names = (site.standing?.here ?? []).filter((h) => h.at === place).map((h) => h.name)
  return [...new Set(names)].filter((n) => n !== session.person?.name).join('\n')
})

const where = computed(() => whereShown(section.value.settings, galley.sheet.value?.options ?? []))
const whom = computed(() => shownTo(section.value.settings, site.catalog?.groups ?? []))

function rename(words: string) {
  const name = words.trim()
  if (name !== section.value.name)
    void galley.write(section.value.id, (at) => ({ verb: 'name-section', ...at, name }))
}
function moveTo(zone: string, index: number) {
  void galley.give({ verb: 'move-section', item: galley.id(), section: section.value.id, zone, index })
}
/** The section's address; a section without an anchor gets one from its name. */
async function linkToIt() {
  let anchor = String(section.value.settings.anchor ?? '')
  if (!anchor) {
    anchor = plainWords(section.value.name).join('-').toLowerCase() || section.value.id
    await galley.set(section.value.id, null, 'anchor', anchor)
  }
  await navigator.clipboard?.writeText(`${galley.sheet.value?.address}#${anchor}`).catch(() => undefined)
  notices.tell(`A link to it is ${galley.sheet.value?.address}#${anchor}.`, 'It has been copied.')
}
function mend() {
  const { column, key, value } = props.own.hardToRead!.mend
  if (column) return void galley.setColumn(section.value.id, column, key, value)
  void galley.set(section.value.id, null, key, value)
  galley.leave()
}
</script>

<template>
  <article
    ref="card"
    class="card"
    :class="{ chosen, pointed: galley.pointed.value === section.id }"
    :data-section="section.id"
    :aria-label="`Section ${section.name}`"
    tabindex="-1"
    @mousedown="galley.chosen.value = section.id"
    @focusin="galley.chosen.value = section.id"
    @mouseenter="galley.pointed.value = section.id"
    @mouseleave="galley.pointed.value = null"
  >
    <header>
      <span class="grip" title="Drag to move; Alt ↑ ↓ by keys" aria-hidden="true">=</span>
      <WrittenInput
        class="name"
        :value="section.name"
        aria-label="Name of the section"
        title="What it is called here; empty, it goes by what it holds"
        maxlength="80"
        @written="rename"
      />
      <i class="tone" :style="{ background: tone?.ground }" :title="`Tone ${tone?.label}`" />
      <LineageMenu v-if="own.reach === 'HERE'" :own="own" />
      <span
        v-for="name in others.split('\n').filter(Boolean)"
        :key="name"
        class="other"
        :title="`${name} is in this section`"
        >{{ name }}</span
      >
      <span class="grow" />
      <span v-if="toFill" class="fill">{{ toFill }} to fill</span>
      <button
        v-if="manager && own.reach !== 'PATTERN'"
        type="button"
        class="plain-act reach"
        :class="{ far: own.reach !== 'HERE' }"
        :title="reachOf(own).turn"
        @click="changeReach"
      >
        {{ reachOf(own).chip }}
      </button>
      <button v-if="movable" type="button" class="plain-act" @click="galley.remove(section.id)">
        {{ own.reach === 'SHARED' ? 'Take off here' : 'Remove' }}
      </button>
      <button v-if="!movable" type="button" class="plain-act stays" @click="emit('fold')">Fold</button>
      <v-menu v-if="movable">
        <template #activator="{ props: menu }">
          <button type="button" class="plain-act" v-bind="menu" :aria-label="`More for ${section.name}`">
            More
          </button>
        </template>
        <v-list>
          <v-list-item v-if="galley.isOwn(section.id)" title="Duplicate" @click="galley.copy(section.id)" />
          <v-list-item v-if="onPage" title="Link to it" @click="linkToIt" />
          <v-list-item v-if="manager && onPage" title="Keep as a pattern…" @click="keeping = true" />
          <v-list-item
            v-for="z in otherZones"
            :key="z.key"
            :title="`Move to ${z.name}`"
            :subtitle="z.whyNot"
            :disabled="z.whyNot !== ''"
            @click="moveTo(z.key, z.sections.length)"
          />
        </v-list>
      </v-menu>
      <button type="button" class="plain-act stays" :aria-expanded="settings" @click="settings = !settings">
        Settings {{ settings ? '▴' : '▾' }}
      </button>
    </header>
    <p v-if="where" class="far-word">It shows {{ onPage ? '' : 'on pages ' }}{{ where }}.</p>
    <p v-if="whom" class="far-word">{{ whom }}</p>
    <p v-if="onPage && own.reach !== 'HERE'" class="far-word">{{ reachOf(own).warning }}</p>
    <div v-if="own.hardToRead" class="weak" role="status">
      <span class="grow">◇ {{ own.hardToRead.says }}</span>
      <button type="button" class="textlink" @click="mend">{{ own.hardToRead.mend.label }}</button>
    </div>
    <SettingsPane v-if="settings" :section="section" :reach="own.reach" />
    <WaitingSettings v-else :section="section" />
    <ColumnsRow :section="section" />
    <ReachSheet v-if="reaching" :own="own" @close="reaching = false" />
    <NewPatternSheet
      v-if="keeping"
      :page="galley.id()"
      :sections="[section.id]"
      :suggested="section.name"
      @close="keeping = false"
    />
  </article>
</template>

<style scoped>
.card {
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 3px;
  outline-offset: -1px;
}
.card.pointed {
  border-color: var(--juniper);
}
.card.chosen {
  outline: 2px solid var(--juniper);
}
header .label {
  white-space: nowrap;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  padding: 6px 12px;
  border-bottom: 1px solid var(--line2);
}
.grip {
  cursor: grab;
  color: var(--quiet);
  font-weight: 700;
}
.name {
  font: 600 14px/22px var(--text);
  border: 1px solid transparent;
  background: none;
  color: inherit;
  padding: 0 3px;
  field-sizing: content;
  min-width: 60px;
  max-width: 190px;
  border-radius: 3px;
}
.name:hover {
  border-color: var(--line);
}
.tone {
  width: 13px;
  height: 13px;
  border-radius: 50%;
  border: 1px solid var(--line);
  flex: none;
}
.live {
  color: var(--juniper);
}
.other {
  background: var(--juniper);
  color: #fff;
  font: 500 12px/18px var(--text);
  padding: 0 7px;
  border-radius: 3px;
  white-space: nowrap;
}
.fill {
  background: var(--ochre-wash);
  color: var(--ochre-ink);
  font: 500 12px/18px var(--text);
  padding: 0 7px;
  border-radius: 3px;
  white-space: nowrap;
}
.plain-act {
  border: 0;
  background: none;
  color: var(--quiet);
  font: 13px/20px var(--text);
  padding: 0 3px;
  white-space: nowrap;
}
.plain-act:hover {
  color: var(--ink);
  text-decoration: underline;
}
/* Their room stays: a head that grows would move what is beneath from under the pointer. */
.card:not(:hover):not(.chosen) .plain-act:not(.stays):not(.far) {
  visibility: hidden;
}
.plain-act.far {
  display: inline;
  color: var(--juniper);
}
.far-word {
  padding: 5px 13px;
  font-size: 13px;
  background: var(--juniper-wash);
  border-bottom: 1px solid var(--line2);
}
.weak {
  display: flex;
  gap: 10px;
  padding: 6px 13px;
  background: var(--ochre-wash);
  color: var(--ochre-ink);
  font-size: 13px;
}
</style>
