<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PlacedSection, Section } from '@/api/types'
import { useSite } from '@/site/useSite'
import ColumnSettings from './ColumnSettings.vue'
import ColumnsInput from './ColumnsInput.vue'
import PropertyInput from '@/property/PropertyInput.vue'
import { asChoice } from './optionAnswers'
import { useGalley } from './useGalley'
import { matters } from '@/property/values'

/** The settings of a section, in groups; the first is open, the others say what in them is not as usual. */
const props = defineProps<{ section: Section; reach: PlacedSection['reach'] }>()
const site = useSite()
const galley = useGalley()
const open = ref(new Set(['ground']))
/** What a section does on every page matters for those that stand there. */
const matter = (group: { key: string }) =>
  (group.key !== 'everywhere' || props.reach === 'EVERYWHERE') &&
  (!within.value || IN_FOOTER[group.key] !== undefined)
/** The footer has its own ground and space: what would do nothing there is not offered, and kept. */
const IN_FOOTER: Record<string, string[] | 'all'> = {
  shape: ['tiles', 'stacks'],
  showing: 'all',
  everywhere: 'all',
}
const within = computed(() => props.section.settings.foot === 'within')
const does = (group: string, key: string) => {
  const some = within.value ? (IN_FOOTER[group] ?? []) : 'all'
  return some === 'all' || some.includes(key)
}
const groups = computed(() =>
  (site.catalog?.sectionSettings ?? []).filter(matter).map((g) => ({
    ...g,
    shown: g.settings
      .filter((p) => does(g.key, p.key) && matters(p, props.section.settings))
      .flatMap((p) => asChoice(p, galley.sheet.value?.options ?? [], props.section.settings) ?? []),
    set: g.settings.filter((p) => does(g.key, p.key) && p.key in props.section.settings),
  })),
)

const apart = computed(() =>
  props.section.columns
    .flatMap((c, i) => (Object.keys(c.settings ?? {}).length ? [`column ${i + 1}`] : []))
    .join(', '),
)

function toggle(key: string) {
  const next = new Set(open.value)
  if (!next.delete(key)) next.add(key)
  open.value = next
}
</script>

<template>
  <div class="settings">
    <div v-for="g in groups" :key="g.key" class="group">
      <button type="button" class="head" :aria-expanded="open.has(g.key)" @click="toggle(g.key)">
        <span aria-hidden="true">{{ open.has(g.key) ? '▾' : '▸' }}</span> {{ g.label }}
        <span v-if="!open.has(g.key) && g.set.length" class="quiet">
          {{ g.set.map((p) => p.label.toLowerCase()).join(', ') }}
        </span>
      </button>
      <div v-if="open.has(g.key)" class="inputs">
        <ColumnsInput v-if="g.key === 'shape'" :section="section" />
        <PropertyInput
          v-for="p in g.shown"
          :key="p.key"
          :property="p"
          :value="section.settings[p.key]"
          @change="(v) => galley.set(section.id, null, p.key, p.key === 'option' && v === '' ? undefined : v)"
          @leave="galley.leave()"
        />
      </div>
    </div>
    <div v-if="!within" class="group">
      <button type="button" class="head" :aria-expanded="open.has('columns')" @click="toggle('columns')">
        <span aria-hidden="true">{{ open.has('columns') ? '▾' : '▸' }}</span> One column apart
        <span v-if="!open.has('columns') && apart" class="quiet">{{ apart }}</span>
      </button>
      <div v-if="open.has('columns')" class="inputs"><ColumnSettings :section="section" /></div>
    </div>
  </div>
</template>

<style scoped>
.settings {
  background: var(--juniper-wash);
}
.group + .group {
  border-top: 1px solid var(--line);
}
.head {
  display: flex;
  gap: 8px;
  width: 100%;
  border: 0;
  background: none;
  color: inherit;
  font: 600 13px/20px var(--text);
  padding: 6px 13px;
  text-align: left;
}
.head .quiet {
  font-weight: 400;
}
.inputs {
  padding: 2px 13px 12px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px 12px;
  align-items: start;
}
</style>
