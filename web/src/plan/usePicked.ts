import { computed, ref, type Ref } from 'vue'
import type { OutlineRow } from './outline'

/** Which pages are chosen together: none, or two and more; the one at hand is among them. */
export function usePicked(lines: Ref<OutlineRow[]>, at: Ref<string | null>) {
  const picked = ref<Set<string>>(new Set())
  const many = computed(() => {
    const there = new Set(lines.value.map((l) => l.row.id))
    const ids = [...picked.value].filter((id) => there.has(id))
    return ids.length > 1 ? ids : []
  })

  /** Takes a page in or out, beside the one at hand. */
  function toggle(id: string) {
    const next = new Set(picked.value.size ? picked.value : at.value ? [at.value] : [])
    if (next.has(id)) next.delete(id)
    else next.add(id)
    picked.value = next
  }

  /** Takes in all from the page at hand to another. */
  function extend(id: string) {
    const ids = lines.value.map((l) => l.row.id)
    const from = ids.indexOf(at.value ?? '')
    const to = ids.indexOf(id)
    if (from < 0 || to < 0) return
    picked.value = new Set([...picked.value, ...ids.slice(Math.min(from, to), Math.max(from, to) + 1)])
  }

  function clear() {
    picked.value = new Set()
  }

  return { many, toggle, extend, clear }
}
