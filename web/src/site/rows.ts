import { ref, shallowRef } from 'vue'
import type { PlanPart, PlanRow } from '@/api/types'

/** The rows of the plan, by id and in reading order, at a step. */
export function makeRows() {
  const rows = shallowRef(new Map<string, PlanRow>())
  const order = shallowRef<string[]>([])
  const step = ref(-1)

  /** Takes what differs; what was overtaken on the way is older than what stands here. */
  function take(part: PlanPart) {
    if (part.step < step.value) return
    if (part.whole || part.rows.length || part.order) {
      const next = part.whole ? new Map<string, PlanRow>() : new Map(rows.value)
      part.rows.forEach((row) => next.set(row.id, row))
      if (part.order) {
        const kept = new Set(part.order)
        for (const key of next.keys()) if (!kept.has(key)) next.delete(key)
        order.value = part.order
      }
      rows.value = next
    }
    step.value = part.step
  }
  function clear() {
    rows.value = new Map()
    order.value = []
    step.value = -1
  }
  return { rows, order, step, take, clear }
}
