<script setup lang="ts">
import { computed } from 'vue'
import { counted } from '@/words/counted'
import { useSite } from '@/site/useSite'
import { LENSES, shadeOf, type CameOf, type LensKey, type Shade } from './lenses'

/** Above the plan: the lens with what its colours say, the filter, and what is made from here. */
const props = defineProps<{ lens: LensKey; chosen: string | null; came: CameOf; narrowing: boolean }>()
const emit = defineEmits<{
  lens: [key: LensKey]
  make: []
  narrow: []
  sheet: [name: 'bin' | 'table' | 'order']
}>()
const filter = defineModel<string>({ required: true })
const site = useSite()
/** Kinds whose entries have no page, and so no row. */
const pageless = computed(() => (site.catalog?.kinds ?? []).filter((k) => k.pageless))
const shade = (row: Parameters<typeof shadeOf>[1]) =>
  shadeOf(props.lens, row, site.templates, site.kinds, props.came)
/** What the marks in the lanes of groups say. */
const MARKS = ['● opens', '⇥ is asked to sign in', '⊘ doesn’t learn of it']
const legend = computed(() => {
  const shades = new Map<string, Shade>()
  for (const row of site.rows.values()) shades.set(shade(row).key, shade(row))
  return [...shades.values()].slice(0, 8)
})
const lensLabel = computed(() => LENSES.find((l) => l.key === props.lens)?.label)
</script>

<template>
  <div class="screen-head">
    <h1>Plan</h1>
    <v-menu>
      <template #activator="{ props: menu }">
        <button v-bind="menu" type="button" class="lens">
          Lens: <b>{{ lensLabel }}</b><span class="kbd">L</span>
        </button>
      </template>
      <v-list>
        <v-list-item v-for="l in LENSES" :key="l.key" :title="l.label" @click="emit('lens', l.key)" />
      </v-list>
    </v-menu>
    <ul v-if="lens === 'gate'" class="legend" aria-label="Marks of the lens">
      <li v-for="m in MARKS" :key="m">{{ m }}</li>
    </ul>
    <ul v-else class="legend" aria-label="Colours of the lens">
      <li v-for="s in legend" :key="s.key"><i :style="{ background: s.colour }" />{{ s.label }}</li>
    </ul>
    <slot v-if="lens === 'gate'" />
    <div v-else class="tools">
      <input
        v-model="filter"
        class="filter"
        type="search"
        placeholder="Filter by words"
        aria-label="Filter the plan"
      />
      <v-btn :aria-pressed="narrowing" @click="emit('narrow')">Filter</v-btn>
      <v-menu>
        <template #activator="{ props: menu }"><v-btn v-bind="menu">More ▾</v-btn></template>
        <v-list>
          <v-list-item title="The plan as a table…" @click="emit('sheet', 'table')" />
          <v-list-item title="Order the top of the plan…" @click="emit('sheet', 'order')" />
          <v-list-item title="Bin…" @click="emit('sheet', 'bin')" />
          <v-list-item
            v-for="k in pageless"
            :key="k.id"
            :title="k.name"
            :subtitle="counted(k.pages, 'entry', 'entries')"
            :to="{ name: 'kind', params: { kind: k.id } }"
          />
        </v-list>
      </v-menu>
      <v-btn
        :to="{ name: 'new', params: { site: site.id }, query: { several: '1', parent: chosen ?? undefined } }"
        >Several<span class="wide">&nbsp;at once</span>…</v-btn
      >
      <v-btn class="ink" @click="emit('make')">New page<span class="kbd">N</span></v-btn>
    </div>
  </div>
</template>

<style scoped>
.lens {
  border: 1px solid var(--line);
  background: var(--sheet);
  border-radius: 3px;
  font: 12px/20px var(--text);
  padding: 0 7px;
  color: inherit;
  white-space: nowrap;
}
.legend {
  list-style: none;
  display: flex;
  gap: 4px 14px;
  font-size: 12px;
  color: var(--quiet);
  flex-wrap: wrap;
  max-height: 40px;
  overflow: hidden;
}
@media (max-width: 820px) {
  .screen-head > .legend {
    flex: 1;
    flex-wrap: nowrap;
    min-width: 0;
    overflow-x: auto;
    scrollbar-width: none;
  }
  .screen-head .tools {
    flex-wrap: nowrap;
    gap: 6px;
  }
  .filter {
    min-width: 60px;
    flex: 1;
  }
  .tools :deep(.v-btn) {
    padding-inline: 8px;
    flex: none;
  }
  .wide {
    display: none;
  }
}
.legend li {
  display: flex;
  align-items: center;
  gap: 6px;
  white-space: nowrap;
}
.legend i {
  width: 11px;
  height: 11px;
  border-radius: 2px;
  forced-color-adjust: none;
}
</style>
