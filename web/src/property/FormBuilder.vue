<script setup lang="ts" generic="F extends Kept">
import { computed, nextTick, ref, shallowRef, watch } from 'vue'
import { vDrag, vOnto } from '@/look/dragging'
import WrittenInput from '@/edit/WrittenInput.vue'
import { flattened, grouped, moved, type Kept } from './fields'

/**
 * A form as it is put together: the fields of a kind, the options of a template, what visitors are asked for; under their headings,
 * moved by dragging or keys. What is put together is given at once.
 */
const props = defineProps<{
  fields: F[]
  /** Keys that something new can't have, besides those of the fields. */
  taken: string[]
  /** Something new of a label. */
  fresh: (label: string, group: string, taken: string[]) => F
  /** What one of them is called, and what is asked where one is added. */
  one: string
  adds: string
  still: boolean
  keep: (fields: F[]) => Promise<boolean>
}>()
defineSlots<{
  card(one: {
    field: F
    open: boolean
    unfold: (is: boolean) => void
    set: (field: F) => void
    away: () => void
    move: (by: 1 | -1) => void
  }): unknown
  after(all: { bringBack: (field: F) => void }): unknown
}>()
const open = ref<string | null>(null)
const dragged = ref<string | null>(null)
const draggedGroup = ref<number | null>(null)
const over = ref('')
const label = ref('')
/** As they are put together here, a moment before the server has them so. */
const now = shallowRef<F[]>([])
watch(
  () => props.fields,
  (kept) => (now.value = kept),
  { immediate: true },
)
const groups = computed(() => grouped(now.value))

async function give(next: F[]) {
  now.value = next
  const kept = await props.keep(next)
  if (!kept) now.value = props.fields
  return kept
}
function set(field: F) {
  void give(now.value.map((f) => (f.key === field.key ? field : f)))
}
function putAway(key: string) {
  open.value = null
  void give(now.value.filter((f) => f.key !== key))
}
const adding = ref<HTMLFormElement | null>(null)
/** What has no name is asked for one: by that it is known in tables and packs for good. */
async function add(group: string) {
  if (!adding.value?.reportValidity()) return
  const taken = [...now.value.map((f) => f.key), ...props.taken]
  const field = props.fresh(label.value.trim(), group, taken)
  if (!(await give(flattened(grouped([...now.value, field]))))) return
  label.value = ''
  open.value = field.key
}
function bringBack(field: F) {
  void give([...now.value, field])
}
function rename(from: string, to: string) {
  void give(now.value.map((f) => (f.group === from ? { ...f, group: to.trim() } : f)))
}
function freshGroup() {
  const names = groups.value.map((g) => g.name)
  let name = 'More'
  for (let n = 2; names.includes(name); n++) name = `More ${n}`
  return name
}
function step(key: string, by: 1 | -1) {
  const all = now.value
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
  if (key) void give(moved(now.value, key, group, before))
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
          <slot
            name="card"
            :field="f"
            :open="open === f.key"
            :unfold="(is: boolean) => (open = is ? f.key : null)"
            :set="set"
            :away="() => putAway(f.key)"
            :move="(by: 1 | -1) => step(f.key, by)"
          />
        </div>
      </div>
    </section>
    <form v-if="!still" ref="adding" class="adding" @submit.prevent="add(groups.at(-1)?.name ?? '')">
      <input
        v-model="label"
        :placeholder="adds"
        :aria-label="`Label of a new ${one}`"
        dir="auto"
        required
        maxlength="60"
      />
      <v-btn type="submit">Add {{ one === 'option' ? 'an' : 'a' }} {{ one }}</v-btn>
      <v-btn @click="add(freshGroup())">Under a heading of its own</v-btn>
    </form>
    <slot name="after" :bring-back="bringBack" />
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
</style>
