import { computed, onMounted, ref, watch } from 'vue'
import { get, post, type Problem } from '@/api/client'
import type { LibraryShelf, LibraryTaken, ShelfLine } from '@/api/types'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'

/** What all sites can take, as this one sees it; asked for again when what there is to choose from has changed here. */
export function useLibrary() {
  const site = useSite()
  const session = useSession()
  const shelf = ref<LibraryShelf | null>(null)
  const problem = ref<Problem | null>(null)
  const base = computed(() => `/sites/${site.id}/library`)

  async function load() {
    if (!session.manager) return
    const answer = await get<LibraryShelf>(base.value)
    if (answer.ok) shelf.value = answer.value
  }
  onMounted(load)
  watch(() => site.standing?.shaped, load)

  async function give(item: string) {
    const answer = await post<LibraryShelf>(`${base.value}/give`, { item })
    problem.value = answer.ok ? null : answer.problem
    if (answer.ok) shelf.value = answer.value
    return answer.ok
  }
  /** Takes an item; gives the id that it has here. */
  async function take(line: ShelfLine, wornBy?: string) {
    const answer = await post<LibraryTaken>(`${base.value}/take`, { item: line.id, wornBy })
    problem.value = answer.ok ? null : answer.problem
    if (!answer.ok) return null
    await site.refresh()
    await load()
    return answer.value.here
  }
  /** How an item of this site stands in the library. */
  const ofHere = (item: string) => shelf.value?.items.find((l) => l.here === item)

  return { shelf, problem, base, give, take, ofHere }
}
