<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PlacedSection, Section } from '@/api/types'
import { useSite } from '@/site/useSite'
import FoldedGroup from '@/look/FoldedGroup.vue'
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
    <FoldedGroup
      v-for="g in groups"
      :key="g.key"
      :label="g.label"
      :open="open.has(g.key)"
      :set="g.set.map((p) => p.label.toLowerCase()).join(', ')"
      @update:open="toggle(g.key)"
    >
      <ColumnsInput v-if="g.key === 'shape'" :section="section" />
      <PropertyInput
        v-for="p in g.shown"
        :key="p.key"
        :property="p"
        :value="section.settings[p.key]"
        @change="(v) => galley.set(section.id, null, p.key, p.key === 'option' && v === '' ? undefined : v)"
        @leave="galley.leave()"
      />
    </FoldedGroup>
    <FoldedGroup
      v-if="!within"
      label="One column apart"
      :open="open.has('columns')"
      :set="apart"
      @update:open="toggle('columns')"
    >
      <ColumnSettings :section="section" />
    </FoldedGroup>
  </div>
</template>

<style scoped>
.settings {
  background: var(--juniper-wash);
}
</style>
