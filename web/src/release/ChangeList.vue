<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ReleaseEntry } from '@/api/types'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { fold } from '@/words/fold'
import BeforeAfter from './BeforeAfter.vue'
import { SORTS } from '@/words/sorts'
import { FATES, grouped } from './entryWords'

/** The changes that wait, by what they are of: each is taken or left out, and looked at beneath its line. */
const props = defineProps<{ entries: ReleaseEntry[]; along: string[] }>()
/** Those left out. */
const left = defineModel<Set<string>>({ required: true })
const site = useSite()
const looking = ref<string | null>(null)
const filter = ref('')
/** So many are looked through by words. */
const MANY = 12
const groups = computed(() => {
  const words = fold(filter.value.trim())
  return grouped(
    props.entries.filter((e) => fold(`${e.name} ${e.says.join(' ')}`).includes(words)),
    site.order,
  )
})
const names = computed(() => new Map(props.entries.map((e) => [e.item, e.name])))
const wants = (e: ReleaseEntry) => e.needs.map((n) => names.value.get(n)).filter(Boolean)

function take(items: string[], on: boolean) {
  const next = new Set(left.value)
  for (const item of items) {
    if (on) next.delete(item)
    else next.add(item)
  }
  left.value = next
}
const ids = (entries: ReleaseEntry[]) => entries.map((e) => e.item)
const ticked = (entries: ReleaseEntry[]) => entries.filter((e) => !left.value.has(e.item)).length
</script>

<template>
  <div>
    <div v-if="entries.length > MANY" class="row-flex gap">
      <input
        v-model="filter"
        type="search"
        class="boxed search"
        placeholder="Look through the changes"
        aria-label="Look through the changes"
      />
      <button type="button" class="textlink" @click="take(ids(entries), true)">All</button>
      <button type="button" class="textlink" @click="take(ids(entries), false)">None</button>
    </div>
    <p v-if="!groups.length" class="quiet gap">No change is called so.</p>
    <section v-for="g in groups" :key="g.sort" :aria-label="SORTS[g.sort].heading">
      <header class="row-flex">
        <h3>{{ SORTS[g.sort].heading }}</h3>
        <span class="quiet grow">{{ ticked(g.entries) }} of {{ g.entries.length }}</span>
        <template v-if="g.entries.length > 1">
          <button
            type="button"
            class="textlink"
            :aria-label="`All of ${SORTS[g.sort].heading}`"
            @click="take(ids(g.entries), true)"
          >
            All
          </button>
          <button
            type="button"
            class="textlink"
            :aria-label="`None of ${SORTS[g.sort].heading}`"
            @click="take(ids(g.entries), false)"
          >
            None
          </button>
        </template>
      </header>
      <ul>
        <li
          v-for="e in g.entries"
          :key="e.item"
          :class="{ out: left.has(e.item) && !along.includes(e.item), looking: looking === e.item }"
        >
          <div class="entry">
            <v-checkbox
              :model-value="!left.has(e.item)"
              :aria-label="`Release ${e.name}`"
              @update:model-value="(v: unknown) => take([e.item], v === true)"
            />
            <span class="state fate" :class="FATES[e.fate].tone"
              >{{ FATES[e.fate].mark }} {{ FATES[e.fate].word }}</span
            >
            <div class="grow">
              <b class="cut name" dir="auto">{{ e.name }}</b>
              <div class="quiet">
                {{ e.says.join('; ')
                }}<template v-if="e.reaches > 1 && e.sort !== 'TEMPLATE'">
                  · alters {{ counted(e.reaches, 'page') }}</template
                >
              </div>
              <div v-if="along.includes(e.item)" class="should">◇ comes along: another change needs it</div>
              <div v-else-if="wants(e).length && !left.has(e.item)" class="label">
                brings along {{ wants(e).join(', ') }}
              </div>
            </div>
            <v-btn
              v-if="e.pages.length"
              :aria-label="`${looking === e.item ? 'Close' : 'Before and after'}: ${e.name}`"
              @click="looking = looking === e.item ? null : e.item"
              >{{ looking === e.item ? 'Close' : 'Before and after' }}</v-btn
            >
          </div>
          <BeforeAfter v-if="looking === e.item" :pages="e.pages" :more="e.reaches - e.pages.length" />
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
section {
  margin-top: 16px;
}
header {
  border-bottom: 1px solid var(--ink);
  padding-bottom: 4px;
}
ul {
  list-style: none;
}
li {
  border-bottom: 1px solid var(--line2);
}
.entry {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: flex-start;
  padding: 8px 6px;
}
.entry .grow {
  flex: 1 1 200px;
}
.entry .v-checkbox {
  flex: none;
  margin-top: -6px;
}
.name {
  display: block;
}
.out {
  opacity: 0.6;
}
.looking {
  background: var(--sheet);
}
.fate {
  width: 80px;
  flex: none;
}
.search {
  max-width: 300px;
}
</style>
