<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import type { FieldUse, Property, PutAway } from '@/api/types'
import { counted } from '@/words/counted'
import { vDrag, vOnto } from '@/look/dragging'
import WrittenInput from '@/edit/WrittenInput.vue'
import FieldCard from './FieldCard.vue'
import { flattened, grouped, moved, newField } from '@/property/fields'

/**
 * A form as it is put together: the fields of a kind, or the options of a template, under their headings, moved by dragging or
 * keys. What is put together is given at once.
 */
const PAGES = { one: 'page', many: 'pages' }
const props = defineProps<{
  uses: FieldUse[]
  away: PutAway[]
  /** How many pages follow the default of something new. */
  pages: number
  /** What one of them is called. */
  one: 'field' | 'option'
  /** What holds values in them. */
  holders?: { one: string; many: string }
  still: boolean
  keep: (fields: Property[]) => Promise<boolean>
}>()
const open = ref<string | null>(null)
const dragged = ref<string | null>(null)
const draggedGroup = ref<number | null>(null)
const over = ref('')
const label = ref('')
/** As they are put together here, a moment before the server has them so. */
const fields = ref<Property[]>([])
watch(
  () => props.uses,
  (kept) => (fields.value = kept.map((u) => u.field)),
  { immediate: true },
)
const groups = computed(() => grouped(fields.value))
function use(field: Property): FieldUse {
  const known = props.uses.find((u) => u.field.key === field.key)
  return known ? { ...known, field } : { field, own: 0, inheriting: props.pages, places: [] }
}

async function give(next: Property[]) {
  fields.value = next
  const kept = await props.keep(next)
  if (!kept) fields.value = props.uses.map((u) => u.field)
  return kept
}
function set(field: Property) {
  void give(fields.value.map((f) => (f.key === field.key ? field : f)))
}
function putAway(key: string) {
  open.value = null
  void give(fields.value.filter((f) => f.key !== key))
}
const adding = ref<HTMLFormElement | null>(null)
/** What has no name is asked for one: by that it is known in tables and packs for good. */
async function add(group: string) {
  if (!adding.value?.reportValidity()) return
  const taken = [...props.uses, ...props.away].map((u) => u.field.key)
  const field = newField(label.value.trim(), group, [...taken, 'title', 'name', 'address'])
  if (!(await give(flattened(grouped([...fields.value, field]))))) return
  label.value = ''
  open.value = field.key
}
function bringBack(field: Property) {
  void give([...fields.value, field])
}
function rename(from: string, to: string) {
  void give(fields.value.map((f) => (f.group === from ? { ...f, group: to.trim() } : f)))
}
function freshGroup() {
  const names = groups.value.map((g) => g.name)
  let name = 'More'
  for (let n = 2; names.includes(name); n++) name = `More ${n}`
  return name
}
function step(key: string, by: 1 | -1) {
  const all = fields.value
  const at = all.findIndex((f) => f.key === key)
  const field = all[at]
  const next = all[at + by]
  if (!field || !next) return
  const group = next.group
  const before = by < 0 ? next.key : group === field.group ? (all[at + 2]?.key ?? null) : next.key
  const within = before && all.find((f) => f.key === before)?.group === group ? before : null
  void give(moved(all, key, group, within)).then(() =>
    nextTick(() => document.querySelector<HTMLElement>(`[data-field="${key}"] .name`)?.focus()),
  )
}
function moveGroup(from: number, to: number) {
  const next = [...groups.value]
  const [one] = next.splice(from, 1)
  if (one) next.splice(to, 0, one)
  void give(flattened(next))
}
/** What is dragged, a field or a whole group, is let go over a group. */
function drop(group: string, before: string | null, at: number) {
  const key = dragged.value
  const from = draggedGroup.value
  letGo()
  if (from !== null) return from === at ? undefined : moveGroup(from, at)
  if (key) void give(moved(fields.value, key, group, before))
}
function letGo() {
  dragged.value = draggedGroup.value = null
  over.value = ''
}
</script>

<template>
  <div class="builder">
    <section
      v-for="(g, i) in groups"
      :key="g.name"
      v-onto="{ over: () => (over = `${g.name}/`), drop: () => drop(g.name, null, i) }"
      :class="{ over: over === `${g.name}/` }"
    >
      <header v-if="g.name || groups.length > 1">
        <span
          v-if="!still && groups.length > 1"
          v-drag="{ begin: () => (draggedGroup = i), end: letGo }"
          class="grip"
          title="Drag to move the group, or use the arrows"
          aria-hidden="true"
          >⋮⋮</span
        >
        <WrittenInput
          class="heading"
          :value="g.name"
          :disabled="still"
          placeholder="No heading"
          aria-label="Heading"
          @written="(name) => rename(g.name, name)"
        />
        <template v-if="!still && groups.length > 1">
          <button
            type="button"
            class="step"
            :disabled="i === 0"
            title="Move the group up"
            @click="moveGroup(i, i - 1)"
          >
            ↑
          </button>
          <button
            type="button"
            class="step"
            :disabled="i === groups.length - 1"
            title="Move the group down"
            @click="moveGroup(i, i + 1)"
          >
            ↓
          </button>
        </template>
      </header>
      <div v-if="g.fields.length" class="form">
        <div
          v-for="f in g.fields"
          :key="f.key"
          v-drag="still || open === f.key ? null : { begin: () => (dragged = f.key), end: letGo }"
          v-onto="{ over: () => (over = `${g.name}/${f.key}`), drop: () => drop(g.name, f.key, i) }"
          class="place"
          :class="{ over: over === `${g.name}/${f.key}` }"
        >
          <FieldCard
            :use="use(f)"
            :one="one"
            :holders="holders ?? PAGES"
            :open="open === f.key"
            :still="still"
            @open="(is) => (open = is ? f.key : null)"
            @set="set"
            @away="putAway(f.key)"
            @move="(by) => step(f.key, by)"
          />
        </div>
      </div>
    </section>
    <form v-if="!still" ref="adding" class="adding" @submit.prevent="add(groups.at(-1)?.name ?? '')">
      <input
        v-model="label"
        :placeholder="one === 'field' ? 'What else is to be given' : 'What else a page may choose'"
        :aria-label="`Label of a new ${one}`"
        dir="auto"
        required
        maxlength="60"
      />
      <v-btn type="submit">Add {{ one === 'field' ? 'a field' : 'an option' }}</v-btn>
      <v-btn @click="add(freshGroup())">Under a heading of its own</v-btn>
    </form>
    <section v-if="away.length" class="away">
      <h3>Taken off the form</h3>
      <ul>
        <li v-for="p in away" :key="p.field.key">
          <b>{{ p.field.label }}</b>
          <span class="quiet">{{
            p.kept
              ? `${counted(p.kept, `${(holders ?? PAGES).one} keeps`, `${(holders ?? PAGES).many} keep`)} what they hold`
              : 'nothing held'
          }}</span>
          <button v-if="!still" type="button" class="textlink" @click="bringBack(p.field)">
            Bring it back
          </button>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.builder {
  display: flex;
  flex-direction: column;
  gap: 18px;
}
.grip {
  cursor: grab;
  color: var(--quiet);
  letter-spacing: -2px;
}
section > header {
  display: flex;
  gap: 4px;
  align-items: center;
}
.heading {
  font: 600 16px/24px var(--display);
  border: 1px solid transparent;
  border-radius: 3px;
  background: none;
  color: inherit;
  padding: 2px 5px;
  margin-left: -6px;
  flex: 1;
}
.heading:hover:enabled {
  border-color: var(--line);
}
.step {
  border: 0;
  background: none;
  color: var(--quiet);
}
/* A printed form: its lines are ruled, its head is inked. */
.form {
  background: var(--sheet);
  border: 1px solid var(--line);
  border-top: 3px solid var(--ink);
}
.place + .place {
  border-top: 1px solid var(--line);
}
.place.over {
  box-shadow: inset 0 2px 0 var(--juniper);
}
section.over {
  box-shadow: 0 2px 0 var(--juniper);
}
.adding {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.adding input {
  flex: 1 1 180px;
  border: 1px dashed var(--line);
  border-radius: 3px;
  background: var(--sheet);
  color: inherit;
  font: 14px/20px var(--text);
  padding: 6px 9px;
}
.away {
  border-top: 1px solid var(--line);
  padding-top: 12px;
}
.away h3 {
  font: 13px/18px var(--text);
  color: var(--quiet);
}
.away ul {
  list-style: none;
}
.away li {
  display: flex;
  gap: 10px;
  padding: 4px 0;
}
</style>
