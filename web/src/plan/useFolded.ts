import { useLocalStorage } from '@vueuse/core'
import { useSite } from '@/site/useSite'

/** Which pages' lines are folded away beneath them, kept in this browser. */
export function useFolded() {
  const site = useSite()
  const folded = useLocalStorage<string[]>('venue-folded', [])

  function toggle(id: string) {
    folded.value = folded.value.includes(id) ? folded.value.filter((f) => f !== id) : [...folded.value, id]
  }
  /** What is led to is in sight: nothing above it stays folded. */
  function reveal(id: string) {
    const above = new Set<string>()
    for (let at = site.rows.get(id)?.parent; at; at = site.rows.get(at)?.parent) above.add(at)
    if (folded.value.some((f) => above.has(f))) folded.value = folded.value.filter((f) => !above.has(f))
  }
  return { folded, toggle, reveal }
}
