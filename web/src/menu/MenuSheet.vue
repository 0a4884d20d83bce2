<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { freshId } from '@/api/client'
import type { MenuDetail } from '@/api/types'
import { aloud } from '@/edit/aloud'
import { vDrag, vOnto } from '@/look/dragging'
import SheetDialog from '@/look/SheetDialog.vue'
import LinkSheet from '@/property/LinkSheet.vue'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'
import MenuLineRow from './MenuLineRow.vue'
import { changed, flat, given, moved, placed, whyNot, without, type Line, type Where } from './lines'

/** A menu's lines: their order, what they say and where they lead. */
const props = defineProps<{ menu: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const { value: detail } = useItem<MenuDetail>(
  () => `menus/${props.menu}`,
  (menu) => [{ item: menu.id, revision: menu.revision }],
)
const lines = computed(() => given(detail.value?.lines ?? []))
const rows = computed(() => flat(detail.value?.lines ?? []))
/** The line whose target is chosen; a new one's where it is empty. */
const leading = ref<string | null>(null)
const adding = ref<{ link: string; label: string } | null>(null)
const list = ref<HTMLElement | null>(null)

async function give(next: Line[]) {
  const answer = await site.give({ verb: 'set-lines', menu: props.menu, lines: next }, props.menu)
  return answer.ok
}
/** Given, and focus stays with the line: on what moved it where that can be pressed again. */
async function act(name: string, id: string, next: Line[], says: string) {
  if (!(await give(next))) return
  aloud(says)
  await nextTick()
  const row = list.value?.querySelector(`[data-line="${id}"]`)
  const again = row?.querySelector<HTMLButtonElement>(`[data-act="${name}"]:not(:disabled)`)
  ;(again ?? row?.querySelector<HTMLElement>('input'))?.focus()
}
const words = (id: string) => {
  const line = rows.value.find((r) => r.line.id === id)?.line
  return line?.label || line?.takes || line?.link || ''
}
const takeOut = async (id: string) => {
  const beside = rows.value[rows.value.findIndex((r) => r.line.id === id) - 1]
  const says = `${words(id)} is out of the menu.`
  if (await give(without(lines.value, id))) aloud(says)
  await nextTick()
  const row = beside && list.value?.querySelector<HTMLElement>(`[data-line="${beside.line.id}"] input`)
  ;(row ?? list.value?.querySelector<HTMLElement>('input'))?.focus()
}
function lead(target: string | null) {
  const id = leading.value
  leading.value = null
  if (!target || id === null) return
  if (id) return void give(changed(lines.value, id, { link: target }))
  if (target.startsWith('page:')) return void add(target)
  adding.value = { link: target, label: '' }
}
async function add(link: string, label?: string) {
  const id = freshId()
  adding.value = null
  await act('up', id, [...lines.value, { id, link, label, beneath: [] }], 'A line was added.')
}

const dragged = ref<string | null>(null)
const drop = ref<{ over: string; where: Where; whyNot: string } | null>(null)
const drag = (id: string) => ({
  begin: () => void (dragged.value = id),
  end: () => void (dragged.value = drop.value = null),
})
const onto = (over: string) => ({
  over: (share: number) => {
    const where = share < 0.28 ? 'before' : share > 0.72 ? 'after' : 'inside'
    if (dragged.value) drop.value = { over, where, whyNot: whyNot(lines.value, dragged.value, over, where) }
  },
  drop: () => {
    const [id, to] = [dragged.value, drop.value]
    if (id && to && !to.whyNot) void give(placed(lines.value, id, over, to.where))
  },
})
function key(event: KeyboardEvent, id: string) {
  if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return
  event.preventDefault()
  const by = event.key === 'ArrowUp' ? -1 : 1
  void act('name', id, moved(lines.value, id, by), `${words(id)} moved ${by < 0 ? 'up' : 'down'}.`)
}
</script>

<template>
  <SheetDialog
    :title="detail ? `Lines of ${detail.name}` : 'Lines of the menu'"
    size="wide"
    @close="emit('close')"
  >
    <p v-if="!detail" class="quiet gap" aria-busy="true">Fetching its lines…</p>
    <template v-else>
      <p class="quiet gap">
        A line to a page takes the page’s title, unless it is given words of its own. Visitors see changes
        once they are released.
      </p>
      <p v-if="!rows.length" class="gap">No line stands in it yet, so visitors don’t see this menu.</p>
      <ul ref="list" :aria-label="`Lines of ${detail.name}`">
        <li
          v-for="r in rows"
          :key="r.line.id"
          v-drag="drag(r.line.id)"
          v-onto="onto(r.line.id)"
          :data-line="r.line.id"
          :class="[{ second: r.above }, drop?.over === r.line.id && (drop.whyNot ? 'no' : drop.where)]"
          @keydown="key($event, r.line.id)"
        >
          <MenuLineRow
            :placed="r"
            :words="words(r.line.id)"
            @act="(name, next, says) => act(name, r.line.id, next(lines, r.line.id), says)"
            @label="(label) => give(changed(lines, r.line.id, { label }))"
            @lead="leading = r.line.id"
            @out="takeOut(r.line.id)"
          />
        </li>
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
        <span class="mono cut">{{ adding.link }}</span>
        <v-btn type="submit" class="ink">Add the line</v-btn>
      </form>
      <div class="row-flex gap">
        <v-btn class="ink" @click="leading = ''">Add a line…</v-btn>
        <v-btn @click="emit('close')">Done<span class="kbd">Esc</span></v-btn>
      </div>
    </template>
    <LinkSheet
      v-if="leading !== null"
      :value="rows.find((r) => r.line.id === leading)?.line.link ?? ''"
      @take="lead"
      @close="leading = null"
    />
  </SheetDialog>
</template>

<style scoped>
ul {
  list-style: none;
  max-height: 52vh;
  overflow-y: auto;
  margin: 10px 0;
}
li {
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 4px 10px;
  border-top: 1px solid var(--line2);
  padding: 3px 0;
}
li.second {
  margin-left: 28px;
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
.new {
  border-top: 1px solid var(--line);
  padding: 8px 0;
}
</style>
