<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { freshId } from '@/api/client'
import type { MenuDetail, MenuLine } from '@/api/types'
import { aloud } from '@/edit/aloud'
import { vDrag, vOnto } from '@/look/dragging'
import LinkSheet from '@/property/LinkSheet.vue'
import { useSite } from '@/site/useSite'
import MenuLineRow from './MenuLineRow.vue'
import { useLineDrag } from './useLineDrag'
import {
  changed,
  flat,
  given,
  inward,
  moved,
  outward,
  placed,
  without,
  writtenOut,
  type Line,
  type Placed,
} from './lines'

/** A menu's lines: their order, what they say and where they lead. */
const props = defineProps<{ menu: MenuDetail }>()
const site = useSite()
const lines = computed(() => given(props.menu.lines))
const rows = computed(() => flat(props.menu.lines))
/** The line whose target is chosen; a new one's where it is empty. */
const leading = ref<string | null>(null)
/** A new line that takes its words from nowhere, while it is given some. */
const adding = ref<{ link?: string; label: string } | null>(null)
const list = ref<HTMLElement | null>(null)
/** So many of those that follow a line are listed before the rest is counted. */
const SHOWN = 8

async function give(next: Line[]) {
  const command = { verb: 'set-lines' as const, menu: props.menu.id, lines: next }
  return (await site.give(command, props.menu.id)).ok
}
const wordsOf = (line: MenuLine) => line.label || line.takes || line.link || ''
const words = (id: string) => {
  const row = rows.value.find((r) => r.line.id === id && !r.by)
  return row ? wordsOf(row.line) : ''
}
const shown = computed(() => {
  const seen = new Map<string, number>()
  return rows.value.filter((r) => {
    if (!r.by) return true
    const count = (seen.get(r.by) ?? 0) + 1
    seen.set(r.by, count)
    return count <= SHOWN
  })
})
const moreOf = (row: Placed) => (row.line.following.length > SHOWN ? row.line.following.length - SHOWN : 0)

/** Given, and focus stays with the line: on what moved it where that can be pressed again. */
async function act(name: string, id: string, next: Line[], says: string) {
  if (!(await give(next))) return
  aloud(says)
  await nextTick()
  const row = list.value?.querySelector(`[data-line="${id}"]`)
  const again = row?.querySelector<HTMLButtonElement>(`[data-act="${name}"]:not(:disabled)`)
  ;(again ?? row?.querySelector<HTMLElement>('input'))?.focus()
}
async function takeOut(id: string) {
  const own = rows.value.filter((r) => !r.by)
  const beside = own[own.findIndex((r) => r.line.id === id) - 1]
  const says = `${words(id)} is out of the menu.`
  if (await give(without(lines.value, id))) aloud(says)
  await nextTick()
  const row = beside && list.value?.querySelector<HTMLElement>(`[data-line="${beside.line.id}"] input`)
  ;(row ?? list.value?.querySelector<HTMLElement>('input'))?.focus()
}
function lead(target: string | null) {
  const id = leading.value
  leading.value = null
  if (id === null) return
  if (id) return void give(changed(lines.value, id, { link: target ?? undefined }))
  if (!target) return
  if (target.startsWith('page:')) return void add(target)
  adding.value = { link: target, label: '' }
}
async function add(link?: string, label?: string) {
  const id = freshId()
  adding.value = null
  await act('up', id, [...lines.value, { id, link, label, follows: 0, beneath: [] }], 'A line was added.')
}

const { drop, drag, onto } = useLineDrag(lines, (id, to) => give(placed(lines.value, id, to.over, to.where)))
const KEYS: Record<string, [(lines: Line[], id: string) => Line[], string]> = {
  ArrowUp: [(all, id) => moved(all, id, -1), 'moved up'],
  ArrowDown: [(all, id) => moved(all, id, 1), 'moved down'],
  ArrowRight: [inward, 'stands beneath the line before it'],
  ArrowLeft: [outward, 'stands beside the line that was above it'],
}
function key(event: KeyboardEvent, id: string) {
  const way = event.altKey ? KEYS[event.key] : undefined
  if (!way) return
  event.preventDefault()
  const next = way[0](lines.value, id)
  if (JSON.stringify(next) === JSON.stringify(lines.value)) return aloud('It can’t go further there.')
  void act('name', id, next, `${words(id)} ${way[1]}.`)
}
</script>

<template>
  <p v-if="!rows.length" class="gap">No line stands in it yet, so visitors don’t see this menu.</p>
  <ul ref="list" :aria-label="`Lines of ${menu.name}`">
    <template v-for="r in shown" :key="`${r.by}-${r.line.id}`">
      <li v-if="r.by" class="by" :style="{ marginLeft: `${(r.level - 1) * 26}px` }">
        <MenuLineRow :placed="r" :words="wordsOf(r.line)" />
      </li>
      <li
        v-else
        v-drag="drag(r.line.id)"
        v-onto="onto(r.line.id)"
        :data-line="r.line.id"
        :class="drop?.over === r.line.id && (drop.whyNot ? 'no' : drop.where)"
        :style="{ marginLeft: `${(r.level - 1) * 26}px` }"
        @keydown="key($event, r.line.id)"
      >
        <MenuLineRow
          :placed="r"
          :words="words(r.line.id)"
          @act="(name, next, says) => act(name, r.line.id, next(lines, r.line.id), says)"
          @label="(label) => give(changed(lines, r.line.id, { label }))"
          @lead="leading = r.line.id"
          @follow="(follows) => give(changed(lines, r.line.id, { follows }))"
          @shown="(settings) => give(changed(lines, r.line.id, { settings }))"
          @write="give(writtenOut(lines, r.line, freshId))"
          @out="takeOut(r.line.id)"
        />
        <p v-if="moreOf(r)" class="quiet more">and {{ moreOf(r) }} more pages follow</p>
        <p v-else-if="r.line.follows && !r.line.following.length" class="quiet more">
          No page stands beneath it yet.
        </p>
      </li>
    </template>
  </ul>
  <p v-if="drop?.whyNot" class="must" role="status">{{ drop.whyNot }}.</p>
  <form v-if="adding" class="row-flex new" @submit.prevent="add(adding.link, adding.label.trim())">
    <input
      v-model="adding.label"
      v-focus
      class="boxed"
      maxlength="80"
      required
      aria-label="What the new line says"
      placeholder="What it says"
    />
    <span class="mono cut">{{ adding.link ?? 'a heading' }}</span>
    <v-btn type="submit" class="ink">Add the line</v-btn>
  </form>
  <div class="row-flex">
    <v-btn class="ink" @click="leading = ''">Add a line…</v-btn>
    <v-btn @click="adding = { label: '' }">Add a heading</v-btn>
    <slot />
  </div>
  <LinkSheet
    v-if="leading !== null"
    :value="rows.find((r) => r.line.id === leading && !r.by)?.line.link ?? ''"
    @take="lead"
    @close="leading = null"
  />
</template>

<style scoped>
ul {
  list-style: none;
  max-height: 46vh;
  overflow-y: auto;
  margin: 8px 0;
}
li {
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 2px 10px;
  border-top: 1px solid var(--line2);
  padding: 3px 0;
}
li.by {
  border-top-style: dotted;
  padding: 1px 0;
}
li.before {
  box-shadow: inset 0 2px var(--juniper);
}
li.after {
  box-shadow: inset 0 -2px var(--juniper);
}
li.inside {
  background: var(--juniper-wash);
}
li.no {
  background: var(--brick-wash);
}
.more {
  flex-basis: 100%;
  padding-left: 22px;
  font-size: 12.5px;
}
.new {
  border-top: 1px solid var(--line);
  padding: 8px 0;
}
</style>
