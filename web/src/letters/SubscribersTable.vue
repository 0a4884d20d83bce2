<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import { addressOf, get, post } from '@/api/client'
import { said } from '@/api/said'
import type { ListRow, SubscriberRow } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import FilterTabs from '@/look/FilterTabs.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { inputOf } from '@/look/targets'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { whenWords } from '@/words/whenWords'
import { STANDS } from './letterWords'
import SubscriberTableSheet from './SubscriberTableSheet.vue'

/** Those on a list: how each stands, and how they agreed. */
const props = defineProps<{ list: ListRow }>()
const emit = defineEmits<{ changed: [] }>()
type Stands = SubscriberRow['stands']
const site = useSite()
const notices = useNotices()
const rows = ref<SubscriberRow[]>([])
const found = ref(0)
const trouble = ref('')
const q = ref('')
const which = ref<'ALL' | Stands>('ALL')
const picked = ref<string[]>([])
const opened = ref('')
const sheet = ref<'table' | 'remove' | null>(null)
const at = computed(() => ({ path: { site: site.id, list: props.list.id } }))
const csv = computed(() => addressOf('/api/sites/{site}/subscribers/{list}/table', at.value))
const all = computed(() => props.list.in + props.list.asked + props.list.out + props.list.refused)
const tabs = computed(() => [
  { key: 'ALL' as const, name: 'All', count: all.value },
  { key: 'IN' as const, name: 'Get letters', count: props.list.in },
  { key: 'ASKED' as const, name: 'Not confirmed', count: props.list.asked },
  { key: 'OUT' as const, name: 'Left', count: props.list.out },
  { key: 'REFUSED' as const, name: 'Refused', count: props.list.refused },
])
let asking = 0
async function load(more = false) {
  const number = ++asking
  const answer = await get('/api/sites/{site}/subscribers/{list}', {
    ...at.value,
    query: {
      q: q.value,
      stands: which.value === 'ALL' ? undefined : which.value,
      after: more ? rows.value.length : 0,
    },
  })
  if (number !== asking) return
  trouble.value = answer.ok ? '' : said(answer.problem)
  if (!answer.ok) return
  found.value = answer.value.found
  rows.value = more ? [...rows.value, ...answer.value.rows] : answer.value.rows
}
void load()
watchDebounced([q, which, all], () => load(), { debounce: 150 })
const pick = (id: string, on: boolean) =>
  (picked.value = on ? [...picked.value, id] : picked.value.filter((p) => p !== id))
async function remove() {
  sheet.value = null
  const ids = picked.value
  const answer = await post('/api/sites/{site}/subscribers/{list}/remove', at.value, { ids })
  if (!answer.ok) return void notices.refuse(answer.problem)
  notices.tell(`${counted(ids.length, 'reader')} removed, with all that was known of them`)
  picked.value = []
  emit('changed')
  await load()
}
</script>

<template>
  <section class="list" aria-label="Who is on the list">
    <div class="row-flex bar">
      <h2 class="cut" dir="auto">{{ list.name }}</h2>
      <FilterTabs v-model="which" :tabs="tabs" label="How they stand" />
      <div class="row-flex tools">
        <input
          v-model="q"
          type="search"
          class="boxed"
          placeholder="Address or name"
          aria-label="Find readers"
        />
        <v-btn @click="sheet = 'table'">Table…</v-btn>
      </div>
    </div>
    <p v-if="picked.length" class="row-flex picked">
      {{ counted(picked.length, 'reader') }} chosen
      <v-btn @click="sheet = 'remove'">Remove…</v-btn>
      <button type="button" class="textlink" @click="picked = []">None</button>
    </p>
    <div class="rows">
      <table aria-label="Readers">
        <thead>
          <tr class="label">
            <th class="tick"><span class="unseen">Chosen</span></th>
            <th>Address</th>
            <th>Name</th>
            <th>Stands</th>
            <th>Since</th>
            <th>How they agreed</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in rows" :key="r.id" :class="r.stands">
            <td class="tick">
              <input
                type="checkbox"
                :checked="picked.includes(r.id)"
                :aria-label="`Choose ${r.email}`"
                @change="(e) => pick(r.id, inputOf(e).checked)"
              />
            </td>
            <td class="cut">{{ r.email }}</td>
            <td class="cut" dir="auto">{{ r.name }}</td>
            <td class="stands" :title="r.said || STANDS[r.stands].help">
              {{ STANDS[r.stands].mark }} {{ STANDS[r.stands].word }}
            </td>
            <td class="quiet when">{{ whenWords(r.ended ?? r.since ?? r.asked) }}</td>
            <td class="quiet proof">
              <button
                type="button"
                :class="{ cut: opened !== r.id }"
                :aria-expanded="opened === r.id"
                @click="opened = opened === r.id ? '' : r.id"
              >
                {{ r.said ? `${r.said} · ` : '' }}{{ r.proof }}
              </button>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="trouble" class="none" role="alert">{{ trouble }}</p>
      <p v-else-if="!rows.length" class="none">
        {{
          all
            ? 'Nobody is like that.'
            : list.placed
              ? 'Nobody has asked for letters yet.'
              : 'The form stands on no page yet, so nobody can ask. Those who agreed elsewhere come in by a table.'
        }}
      </p>
      <p v-else-if="rows.length < found" class="none">
        {{ rows.length }} of {{ found }}.
        <button type="button" class="textlink" @click="load(true)">Show more</button>
      </p>
    </div>
    <SubscriberTableSheet
      v-if="sheet === 'table'"
      :list="list"
      :csv="csv"
      @close="sheet = null"
      @taken="(emit('changed'), load())"
    />
    <SheetDialog v-if="sheet === 'remove'" title="Remove readers" size="narrow" @close="sheet = null">
      <p>
        {{ counted(picked.length, 'reader goes', 'readers go') }} for good, with how they agreed and what they
        were sent. Whoever left is forgotten too: a table could bring them back.
      </p>
      <div class="row-flex gap">
        <v-btn class="danger" @click="remove">Remove {{ picked.length }}</v-btn>
        <v-btn @click="sheet = null">Keep {{ picked.length === 1 ? 'them' : 'all' }}</v-btn>
      </div>
    </SheetDialog>
  </section>
</template>

<style scoped>
.list {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
}
.bar {
  flex-wrap: wrap;
  gap: 6px 22px;
  padding: 10px 20px;
  border-bottom: 1px solid var(--line);
}
.bar h2 {
  font: 600 19px/26px var(--display);
  max-width: 220px;
}
.tools {
  margin-left: auto;
  gap: 10px;
}
.tools input {
  width: 180px;
}
.picked {
  gap: 12px;
  padding: 8px 20px;
  background: var(--sheet);
}
.rows {
  flex: 1;
  overflow: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
}
th {
  position: sticky;
  top: 0;
  background: var(--paper);
  text-align: left;
  font-weight: 400;
  height: 32px;
  padding: 0 10px;
  border-bottom: 1px solid var(--line);
}
th:nth-child(2) {
  width: 27%;
}
th:nth-child(3) {
  width: 17%;
}
th:nth-child(4) {
  width: 128px;
}
th:nth-child(5) {
  width: 118px;
}
td {
  height: 38px;
  padding: 0 10px;
  border-bottom: 1px solid var(--line2);
}
.tick {
  width: 40px;
  padding-left: 20px;
}
.stands {
  white-space: nowrap;
}
.when {
  white-space: nowrap;
}
.ASKED .stands,
.REFUSED .stands {
  color: var(--ochre-ink);
}
.OUT td {
  color: var(--quiet);
}
.proof button {
  border: 0;
  background: none;
  padding: 4px 0;
  font: 13.5px/20px var(--text);
  color: inherit;
  text-align: left;
  display: block;
  width: 100%;
  overflow-wrap: anywhere;
}
.none {
  padding: 20px 18px;
  color: var(--quiet);
}
@media (max-width: 820px) {
  table {
    min-width: 720px;
  }
}
</style>
