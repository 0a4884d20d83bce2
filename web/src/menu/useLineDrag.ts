import { ref, type Ref } from 'vue'
import { whyNot, type Line, type Where } from './lines'

interface Drop {
  over: string
  where: Where
  whyNot: string
}

/** A line that is dragged, and where it would be let go. */
export function useLineDrag(lines: Ref<Line[]>, put: (id: string, to: Drop) => unknown) {
  const dragged = ref<string | null>(null)
  const drop = ref<Drop | null>(null)
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
      if (id && to && !to.whyNot) void put(id, to)
    },
  })
  return { drop, drag, onto }
}
