<script setup lang="ts">
import { question } from '@/api/client'
import { computed, ref } from 'vue'
import type { PatternInfo } from '@/api/types'
import NewPatternSheet from '@/galley/NewPatternSheet.vue'
import DrawingBoard from '@/drawing/DrawingBoard.vue'
import WordOf from '@/help/WordOf.vue'
import LibraryShelf from '@/library/LibraryShelf.vue'
import { vDrag, vOnto } from '@/look/dragging'
import FilterTabs from '@/look/FilterTabs.vue'
import { useSession } from '@/session/useSession'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import GroupsSheet from './GroupsSheet.vue'
import PatternCard from './PatternCard.vue'
import { grouped, named } from './groups'

/** All patterns, drawn in the site's look, group by group. */
const site = useSite()
const session = useSession()
const search = ref('')
const filter = ref('all')
const sheet = ref<'new' | 'groups' | null>(null)
const { value: uses } = useItem(() => question('/api/sites/{site}/patterns', { path: { site: site.id } }))
const pages = computed(() => new Map((uses.value ?? []).map((u) => [u.id, u.pages])))
const all = computed(() => site.catalog?.patterns ?? [])
const FILTERS: Record<string, (p: PatternInfo) => boolean> = {
  all: (p) => !p.retired,
  'on pages': (p) => !p.retired && pages.value.has(p.id),
  'not placed yet': (p) => !p.retired && !pages.value.has(p.id),
  retired: (p) => p.retired,
}
const tabs = computed(() =>
  Object.entries(FILTERS)
    .map(([name, holds]) => ({
      key: name,
      name,
      count: uses.value ? all.value.filter(holds).length : undefined,
    }))
    .filter((t) => t.key === filter.value || t.key === 'all' || t.count !== 0),
)
const groups = computed(() =>
  grouped(
    all.value.filter((p) => FILTERS[filter.value]!(p) && named(p, search.value.trim())),
    site.catalog?.patternGroups ?? [],
  ),
)

const dragged = ref<PatternInfo | null>(null)
const over = ref<string | null>(null)
const drag = (pattern: PatternInfo) => ({
  begin: () => void (dragged.value = pattern),
  end: () => void (dragged.value = over.value = null),
})
const onto = (group: string) => ({
  over: () => dragged.value && (over.value = group),
  drop: () => dragged.value && sort(dragged.value, group),
})
function sort({ id, name, note, group: was }: PatternInfo, group: string) {
  if (group !== was) void site.give({ verb: 'describe-pattern', pattern: id, name, group, note })
}
</script>

<template>
  <div class="screen">
    <header class="screen-head">
      <h1>Patterns</h1>
      <FilterTabs v-model="filter" :tabs="tabs" label="Filter" />
      <span class="grow" />
      <input
        v-model="search"
        type="search"
        class="filter search"
        placeholder="Name or purpose"
        aria-label="Find a pattern"
      />
      <div v-if="session.manager" class="tools">
        <v-btn @click="sheet = 'groups'">Groups…</v-btn>
        <v-btn class="yes" @click="sheet = 'new'">New pattern…</v-btn>
      </div>
    </header>
    <div class="room">
      <p class="quiet lead">
        Ready-made sections and whole pages, drawn with sample words and this site’s own pictures. A page
        takes a copy, which has a <WordOf word="lineage">lineage</WordOf> of its own. Drag a drawing into
        another group to sort it there.
      </p>
      <DrawingBoard>
        <section
          v-for="g in groups"
          :key="g.name"
          v-onto="onto(g.name)"
          class="group"
          :class="{ over: over === g.name && dragged?.group !== g.name }"
          :aria-label="g.name"
        >
          <header>
            <h2 dir="auto">{{ g.name }}</h2>
            <span class="label">{{ counted(g.patterns.length, 'pattern') }}</span>
          </header>
          <ul>
            <PatternCard
              v-for="p in g.patterns"
              :key="p.id"
              v-drag="session.manager ? drag(p) : null"
              :pattern="p"
              :pages="uses ? (pages.get(p.id) ?? 0) : null"
            />
          </ul>
        </section>
      </DrawingBoard>
      <p v-if="!groups.length" class="nothing">
        {{ search ? 'No pattern is called so, or is for that.' : 'There is no such pattern.' }}
        <button type="button" class="textlink" @click="((search = ''), (filter = 'all'))">Show all</button>
      </p>
      <LibraryShelf v-if="session.manager" :sorts="['PATTERN']" />
    </div>
    <GroupsSheet v-if="sheet === 'groups'" @close="sheet = null" />
    <NewPatternSheet v-if="sheet === 'new'" @close="sheet = null" />
  </div>
</template>

<style scoped>
.room {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 14px 20px 40px;
}
.search {
  width: 150px;
}
.lead {
  max-width: 860px;
  margin-bottom: 14px;
}
.group {
  display: grid;
  grid-template-columns: 148px minmax(0, 1fr);
  gap: 0 24px;
  border-top: 1px solid var(--line);
  padding: 14px 0 22px;
}
.group.over {
  background: var(--juniper-wash);
}
.group > header {
  position: sticky;
  top: 0;
  align-self: start;
}
h2 {
  font-size: 18px;
  line-height: 23px;
  overflow-wrap: anywhere;
}
ul {
  list-style: none;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(225px, 1fr));
  gap: 20px 16px;
  align-items: start;
}
.nothing {
  padding: 20px 0;
}
@media (max-width: 820px) {
  .group {
    grid-template-columns: minmax(0, 1fr);
    gap: 10px;
  }
  .group > header {
    position: static;
  }
}
</style>
