<script setup lang="ts">
import type { Field } from '@/look/targets'
import { computed, nextTick, ref } from 'vue'
import { vDrag, vOnto } from '@/look/dragging'
import { freshId, question } from '@/api/client'
import type { EntryRow, KindDetail, Value } from '@/api/types'
import { counted } from '@/words/counted'
import PropertyInput from '@/property/PropertyInput.vue'
import { useSite } from '@/site/useSite'
import { useLongList } from '@/look/useLongList'
import { useItem } from '@/site/useItem'
import WrittenInput from '@/edit/WrittenInput.vue'
import ReadTableSheet from './ReadTableSheet.vue'

/** The entries of a kind without pages, in a table: written in place, pasted, read from CSV and saved as it. */
const props = defineProps<{ kind: KindDetail; still: boolean }>()
const site = useSite()
const { value: kept, load } = useItem(
  () => question('/api/sites/{site}/kinds/{id}/entries', { path: { site: site.id, id: props.kind.id } }),
  (entries) => entries.map((e) => ({ item: e.id, revision: e.revision })),
)
const rows = computed({ get: () => kept.value ?? [], set: (now) => (kept.value = now) })
const filter = ref('')
const reading = ref<string | null>(null)
const dragged = ref<string | null>(null)
const over = ref<string | null>(null)
const ROW_HIGH = 32
const CHANGED_MEANWHILE = 409
/** How long a row that is scrolled to may take to be drawn. */
const FRAMES = 30
const columns = computed(() => props.kind.fields.map((u) => u.field).filter((f) => f.type !== 'MANY'))
const found = computed(() => {
  const words = filter.value.trim().toLowerCase()
  const text = (row: EntryRow) => `${row.name} ${Object.values(row.fields).join(' ')}`.toLowerCase()
  return words ? rows.value.filter((row) => text(row).includes(words)) : rows.value
})
const { shown, before, after, reveal } = useLongList(found, ROW_HIGH)

interface Put {
  id: string
  name: string
  fields: Record<string, Value>
  reset: string[]
}
function put(entry: Put) {
  return site.give({ verb: 'put-entries', kind: props.kind.id, entries: [entry] }, entry.id)
}
async function add() {
  const id = freshId()
  await put({ id, name: `New ${props.kind.name.toLowerCase()}`, fields: {}, reset: [] })
  await load()
  filter.value = ''
  await nextTick()
  reveal(rows.value.length - 1)
  for (let frames = 0; frames < FRAMES && !nameOf(id); frames++)
    await new Promise((next) => requestAnimationFrame(next))
  nameOf(id)?.select()
}
async function rename(row: EntryRow, name: string, input: Field) {
  const answer = await put({ id: row.id, name, fields: {}, reset: [] })
  if (!answer.ok && answer.problem.status !== CHANGED_MEANWHILE) input.focus()
}
function set(row: EntryRow, key: string, value: Value | undefined) {
  const none = value === undefined || value === ''
  const others = Object.entries(row.fields).filter(([k]) => k !== key)
  const fields = Object.fromEntries<Value>(none ? others : [...others, [key, value]])
  rows.value = rows.value.map((r) => (r.id === row.id ? { ...r, fields } : r))
  void put({
    id: row.id,
    name: row.name,
    fields: none ? {} : { [key]: value },
    reset: none ? [key] : [],
  })
}
/** Puts an entry before another, or at the end; with a filter the order is not all to be seen, and stays. */
async function move(id: string, before: string | null) {
  if (id === before) return
  const moving = rows.value.find((r) => r.id === id)
  if (!moving || props.still || filter.value) return
  const others = rows.value.filter((r) => r.id !== id)
  const at = before ? others.findIndex((r) => r.id === before) : others.length
  rows.value = [...others.slice(0, at), moving, ...others.slice(at)]
  const answer = await site.give({ verb: 'move-entry', entry: id, before: before ?? undefined })
  if (!answer.ok) void load()
}
const nameOf = (id: string) => document.querySelector<HTMLInputElement>(`[data-entry="${id}"] input`)
async function step(row: EntryRow, by: 1 | -1) {
  const at = rows.value.indexOf(row)
  const before = by < 0 ? rows.value[at - 1] : rows.value[at + 2]
  if (by < 0 ? at === 0 : at === rows.value.length - 1) return
  void move(row.id, before?.id ?? null)
  await nextTick()
  nameOf(row.id)?.focus()
}
function drop(before: string | null) {
  if (dragged.value) void move(dragged.value, before)
}
function letGo() {
  dragged.value = over.value = null
}
function remove(row: EntryRow) {
  void site.give({ verb: 'remove-entries', entries: [row.id] })
}
/** Rows from a spreadsheet, pasted anywhere but in a cell that takes one line. */
function pasted(event: ClipboardEvent) {
  const words = event.clipboardData?.getData('text/plain') ?? ''
  if (props.still || !words.trim().includes('\n')) return
  event.preventDefault()
  reading.value = words
}
</script>

<template>
  <section class="pane" aria-label="Entries" tabindex="-1" @paste="pasted">
    <div class="row-flex top">
      <h2>{{ counted(rows.length, 'entry', 'entries') }}</h2>
      <span class="grow" />
      <input
        v-model="filter"
        class="boxed"
        type="search"
        placeholder="Filter"
        aria-label="Filter the entries"
      />
      <v-btn :href="`/api/sites/${site.id}/kinds/${kind.id}/entries.csv`" download>Save as CSV</v-btn>
      <template v-if="!still">
        <v-btn @click="reading = ''">Read a table…</v-btn>
        <v-btn class="ink" @click="add">Add one</v-btn>
      </template>
    </div>
    <p v-if="!rows.length" class="empty quiet">
      Nothing yet. Add one, paste rows from a spreadsheet, or read a CSV file. Listings on any page show them.
    </p>
    <div v-else ref="box" class="scroll" :inert="still || undefined">
      <table>
        <thead>
          <tr>
            <th><span class="unseen">Order</span></th>
            <th scope="col">Name</th>
            <th v-for="c in columns" :key="c.key" scope="col">
              {{ c.label }}<template v-if="c.unit"> · {{ c.unit }}</template>
            </th>
            <th />
          </tr>
        </thead>
        <tbody>
          <tr v-if="before" aria-hidden="true" :style="{ height: `${before}px` }" />
          <tr
            v-for="row in shown"
            :key="row.id"
            v-onto="{ over: () => (over = row.id), drop: () => drop(row.id) }"
            :data-entry="row.id"
            :class="{ over: over === row.id && dragged !== row.id }"
            @keydown.alt.up.prevent="step(row, -1)"
            @keydown.alt.down.prevent="step(row, 1)"
          >
            <td class="grip-cell">
              <span
                v-if="!filter"
                v-drag="{ begin: () => (dragged = row.id), end: letGo }"
                class="grip"
                title="Drag to move, or Alt and arrows"
                aria-hidden="true"
                >⋮⋮</span
              >
            </td>
            <td>
              <WrittenInput
                class="name"
                :value="row.name"
                aria-label="Name"
                @written="(name, input) => rename(row, name, input)"
              />
            </td>
            <td v-for="c in columns" :key="c.key">
              <PropertyInput
                plain
                :property="c"
                :value="row.fields[c.key]"
                :name="`${c.label} of ${row.name}`"
                @change="(v) => set(row, c.key, v)"
                @leave="() => undefined"
              />
            </td>
            <td>
              <button
                type="button"
                class="out"
                :aria-label="`Remove ${row.name}`"
                title="Remove"
                @click="remove(row)"
              >
                ×
              </button>
            </td>
          </tr>
          <tr v-if="after" aria-hidden="true" :style="{ height: `${after}px` }" />
        </tbody>
      </table>
    </div>
    <ReadTableSheet v-if="reading !== null" :kind="kind" :given="reading" @close="reading = null" />
  </section>
</template>

<style scoped>
.pane {
  display: flex;
  flex-direction: column;
  height: 100%;
  outline: 0;
}
.top {
  gap: 8px;
  margin-bottom: 12px;
}
.top .boxed {
  width: 130px;
}
.empty {
  border: 1px dashed var(--line);
  padding: 30px;
}
.scroll {
  min-height: 0;
  overflow: auto;
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 3px;
}
table {
  border-collapse: collapse;
  min-width: 100%;
}
th {
  position: sticky;
  top: 0;
  z-index: 1;
  background: var(--sheet);
  text-align: left;
  font: 13px/18px var(--text);
  color: var(--quiet);
  padding: 8px 10px;
  white-space: nowrap;
}
td {
  border-top: 1px solid var(--line2);
  padding: 3px 10px;
  min-width: 120px;
  vertical-align: top;
}
td:last-child,
.grip-cell {
  min-width: 0;
}
.grip-cell {
  padding-right: 0;
}
.grip {
  cursor: grab;
  color: var(--quiet);
  letter-spacing: -2px;
}
tr.over td {
  border-top: 2px solid var(--juniper);
}
.name {
  border: 1px solid transparent;
  border-radius: 3px;
  background: none;
  color: inherit;
  font: 600 14px/20px var(--text);
  padding: 1px 4px;
  width: 100%;
}
.name:hover {
  border-color: var(--line);
}
.out {
  border: 0;
  background: none;
  color: var(--quiet);
}
</style>
