import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, useTemplateRef, type Ref } from 'vue'

const AROUND = 12

/**
 * The rows of a table that are to be seen, with the room that those before and after them take. What scrolls has the
 * template ref `box`.
 *
 * @param high about how high a row is, in pixels
 */
export function useLongList<T>(rows: Ref<T[]>, high: number) {
  const box = useTemplateRef<HTMLElement>('box')
  const virtual = useVirtualizer(
    computed(() => ({
      count: rows.value.length,
      getScrollElement: () => box.value,
      estimateSize: () => high,
      overscan: AROUND,
    })),
  )
  const items = computed(() => virtual.value.getVirtualItems())
  const shown = computed(() => items.value.flatMap((i) => rows.value[i.index] ?? []))
  const before = computed(() => items.value[0]?.start ?? 0)
  const after = computed(() => virtual.value.getTotalSize() - (items.value.at(-1)?.end ?? 0))
  const reveal = (index: number) => virtual.value.scrollToIndex(index)
  return { shown, before, after, reveal }
}
