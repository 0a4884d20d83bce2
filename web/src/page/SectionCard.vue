<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { freshId } from '@/api/client'
import type { OwnSection } from '@/api/types'
import { useSite } from '@/site/useSite'
import ColumnsInput from './ColumnsInput.vue'
import ElementCard from './ElementCard.vue'
import PropertyInput from './PropertyInput.vue'
import { useGalley } from './useGalley'
import { matters } from './values'

const props = defineProps<{ own: OwnSection }>()
const site = useSite()
const galley = useGalley()
const settings = ref(false)
const all = ref(false)
const card = ref<HTMLElement | null>(null)
const FIRST = ['tone', 'space', 'align', 'picture']

const section = computed(() => props.own.section)
const chosen = computed(() => galley.chosen.value === section.value.id)
const toFill = computed(
  () => galley.page.value?.toFill.filter((p) => p.section === section.value.id).length ?? 0,
)
const tone = computed(() =>
  site.catalog?.tones.find((t) => t.key === (section.value.settings.tone ?? 'plain')),
)
const LINEAGE: Record<string, string> = {
  IN_STEP: 'in step',
  BEHIND: 'behind',
  ADAPTED: 'adapted here',
  OWN: '',
}
const lineage = computed(() => LINEAGE[props.own.lineage] ?? '')
const shown = computed(() =>
  (site.catalog?.sectionSettings ?? []).filter(
    (p) => (all.value || FIRST.includes(p.key)) && matters(p, section.value.settings),
  ),
)

watch(chosen, async (is) => {
  await nextTick()
  if (is && !card.value?.contains(document.activeElement))
    card.value?.scrollIntoView({ block: 'nearest', behavior: 'smooth' })
})

function rename(event: Event) {
  const name = (event.target as HTMLInputElement).value.trim()
  if (name && name !== section.value.name)
    void galley.give({ verb: 'name-section', page: galley.id(), section: section.value.id, name })
}
function add(column: string, index: number, kind: string) {
  void galley.give({
    verb: 'place-element',
    page: galley.id(),
    section: section.value.id,
    column,
    index,
    id: freshId(),
    kind,
    props: {},
  })
}
function remove() {
  void galley.give({ verb: 'remove-section', page: galley.id(), section: section.value.id })
}
</script>

<template>
  <article
    ref="card"
    class="card"
    :class="{ chosen, pointed: galley.pointed.value === section.id }"
    :data-section="section.id"
    tabindex="-1"
    @mousedown="galley.chosen.value = section.id"
    @focusin="galley.chosen.value = section.id"
    @mouseenter="galley.pointed.value = section.id"
    @mouseleave="galley.pointed.value = null"
  >
    <header>
      <span class="grip" title="Drag to move; Alt ↑ ↓ by keys" aria-hidden="true">=</span>
      <input
        class="name"
        :value="section.name"
        aria-label="Name of the section"
        maxlength="80"
        @change="rename"
      />
      <i class="tone" :style="{ background: tone?.ground }" :title="`Tone ${tone?.label}`" />
      <span
        class="label"
        :class="own.lineage === 'IN_STEP' ? 'live' : 'should'"
        :title="own.originName ? `From ${own.originName}` : ''"
        >{{ lineage }}</span
      >
      <span class="grow" />
      <span v-if="toFill" class="fill">{{ toFill }} to fill</span>
      <button type="button" class="plain-act" @click="galley.copy(section.id)">Duplicate</button>
      <button type="button" class="plain-act" @click="remove">Remove</button>
      <button type="button" class="plain-act" :aria-expanded="settings" @click="settings = !settings">
        Settings {{ settings ? '▴' : '▾' }}
      </button>
    </header>
    <div v-if="settings" class="settings">
      <ColumnsInput :section="section" />
      <PropertyInput
        v-for="p in shown"
        :key="p.key"
        :property="p"
        :value="section.settings[p.key]"
        @change="(v) => galley.set(section.id, null, p.key, v)"
        @leave="galley.leave()"
      />
      <button type="button" class="textlink" @click="all = !all">{{ all ? 'Fewer' : 'More…' }}</button>
    </div>
    <div class="columns">
      <div v-for="c in section.columns" :key="c.id" class="column" :style="{ gridColumn: `span ${c.span}` }">
        <ElementCard
          v-for="(e, i) in c.elements"
          :key="e.id"
          :section="section.id"
          :element="e"
          :column="c.id"
          :index="i"
          :count="c.elements.length"
        />
        <v-menu>
          <template #activator="{ props: menu }">
            <button type="button" class="add" v-bind="menu" :aria-label="`Add an element to ${section.name}`">
              + element
            </button>
          </template>
          <v-list>
            <v-list-item
              v-for="k in site.catalog?.elements ?? []"
              :key="k.key"
              :title="k.name"
              :subtitle="k.note"
              @click="add(c.id, c.elements.length, k.key)"
            />
          </v-list>
        </v-menu>
      </div>
    </div>
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
.card:not(:hover):not(.chosen) .plain-act:not(:last-child) {
  display: none;
}
.settings {
  background: var(--juniper-wash);
  padding: 10px 13px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
  gap: 10px;
  align-items: start;
}
.columns {
  display: grid;
  grid-template-columns: repeat(12, minmax(0, 1fr));
  gap: 14px;
  padding: 12px;
}
.column {
  display: flex;
  flex-direction: column;
  gap: 12px;
  min-width: 0;
}
.add {
  border: 0;
  background: none;
  color: var(--quiet);
  font: 12px/18px var(--text);
  text-align: left;
  padding: 0 0 0 14px;
  margin: -8px 0;
  opacity: 0;
}
.card:hover .add,
.card.chosen .add,
.add:focus-visible {
  opacity: 1;
}
</style>
