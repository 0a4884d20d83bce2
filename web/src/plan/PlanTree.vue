<script setup lang="ts">
import { elementOf, nodeOf } from '@/look/targets'
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import type { Catalog, PlanRow } from '@/api/types'
import { vDrag, vOnto } from '@/look/dragging'
import { useNarrow } from '@/look/useNarrow'
import { vFocus } from '@/look/vFocus'
import { useSite } from '@/site/useSite'
import type { Lane } from '@/gate/gates'
import { heldWords, type OutlineRow } from './outline'
import PlanLine from './PlanLine.vue'
import type { usePlanMoves } from './usePlanMoves'

/**
 * The pages as a tree of which only the rows in sight are drawn. Focus stands on the tree, which names the row at hand; Tab goes on
 * to that row's marks, and arrows there keep to their lane.
 */
const props = defineProps<{
  lines: OutlineRow[]
  /** The menus that have a lane. */
  lanes: Catalog['menus']
  /** The groups of visitors that have one, instead. */
  gated: Lane[] | null
  chosen: string | null
  picked: string[]
  renaming: string | null
  /** A title that was refused, to be mended. */
  refused?: string
  colour: (row: PlanRow) => string
  moves: ReturnType<typeof usePlanMoves>
}>()
const emit = defineEmits<{
  choose: [id: string, event: MouseEvent]
  open: [id: string]
  fold: [id: string]
  rename: [id: string, title: string | null]
  menu: [id: string, menu: string, there: boolean]
}>()
const site = useSite()
const tree = ref<HTMLElement | null>(null)
defineExpose({ tree })

const LONG = 500
const narrow = useNarrow()
const virtual = useVirtualizer(
  computed(() => ({
    count: props.lines.length,
    getScrollElement: () => tree.value,
    estimateSize: () => (narrow.value ? 52 : 36),
    // Of a long list less is drawn beyond what is in sight: it is scrolled through.
    overscan: props.lines.length > LONG ? 4 : 12,
  })),
)
const drawn = computed(() =>
  virtual.value.getVirtualItems().flatMap((v) => {
    const line = props.lines[v.index]
    return line ? [{ line, id: line.row.id, start: v.start }] : []
  }),
)
const atHand = computed(() => drawn.value.find((d) => d.id === props.chosen))
const held = computed(() => heldWords(props.moves.held.value, props.lines))

function bringIntoSight(align: 'auto' | 'center' = 'auto') {
  const at = props.lines.findIndex((l) => l.row.id === props.chosen)
  if (at >= 0) virtual.value.scrollToIndex(at, { align })
}
/** What is led to is in sight from the first. */
onMounted(async () => {
  await nextTick()
  bringIntoSight('center')
})
watch(
  () => [props.chosen, held.value],
  async () => {
    const from = elementOf(document.activeElement)
    const lane = tree.value?.contains(from) ? from?.dataset.lane : undefined
    bringIntoSight()
    if (!lane) return
    await nextTick()
    const mark = tree.value?.querySelector<HTMLElement>(`[aria-current] [data-lane="${lane}"]`)
    ;(mark ?? tree.value)?.focus()
  },
)
</script>

<template>
  <div
    ref="tree"
    v-focus
    class="lines"
    role="tree"
    aria-label="Pages of the site"
    aria-multiselectable="true"
    tabindex="0"
    :aria-activedescendant="atHand ? `row-${atHand.id}` : undefined"
    @focus="bringIntoSight()"
    @focusout="(e) => tree?.contains(nodeOf(e.relatedTarget)) || moves.putBack()"
  >
    <p v-if="lines.length === 0" class="quiet empty">No page is called so or stands so.</p>
    <div role="presentation" :style="{ height: `${virtual.getTotalSize()}px`, position: 'relative' }">
      <div
        v-for="d in drawn"
        :key="d.id"
        v-drag="
          site.mayChange(d.line.row) ? { begin: () => moves.begin(d.line.row), end: moves.letGo } : null
        "
        v-onto="{ over: (share) => moves.over(d.line.row, share), drop: moves.finish }"
        role="presentation"
        class="place"
        :style="{ transform: `translateY(${d.start}px)` }"
      >
        <PlanLine
          :line="d.line"
          :colour="colour(d.line.row)"
          :menus="lanes"
          :gated="gated"
          :chosen="d.id === chosen"
          :picked="picked.includes(d.id)"
          :held="moves.held.value?.page === d.id"
          :renaming="d.id === renaming"
          :written="refused"
          :drop="moves.drop.value?.over === d.id ? moves.drop.value : null"
          @choose="(event) => emit('choose', d.id, event)"
          @open="emit('open', d.id)"
          @fold="emit('fold', d.id)"
          @rename="(t) => emit('rename', d.id, t)"
          @menu="(m, there) => emit('menu', d.id, m, there)"
        />
      </div>
    </div>
  </div>
  <p class="saying" :class="{ unseen: !held, must: moves.held.value?.whyNot }" role="status">{{ held }}</p>
</template>

<style scoped>
.lines {
  flex: 1;
  overflow-y: scroll;
  scrollbar-width: thin;
  outline-offset: -2px;
}
.place {
  position: absolute;
  left: 0;
  right: 0;
  top: 0;
}
.empty {
  padding: 40px 20px;
}
.saying {
  padding: 6px 18px;
  border-top: 1px solid var(--line);
  background: var(--juniper-wash);
}
</style>
