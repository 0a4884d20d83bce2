import { onMounted, ref, watch } from 'vue'
import { get, post, type Problem } from '@/api/client'
import type { LibraryShelf, ShelfLine } from '@/api/types'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'

/** What all sites can take, as this one sees it; asked for again when what there is to choose from has changed here. */
export function useLibrary() {
  const site = useSite()
  const session = useSession()
  const shelf = ref<LibraryShelf | null>(null)
  const problem = ref<Problem | null>(null)
  const at = () => ({ path: { site: site.id } })

  async function load() {
    if (!session.manager) return
    const answer = await get('/api/sites/{site}/library', at())
    if (answer.ok) shelf.value = answer.value
  }
  onMounted(load)
  watch(() => site.standing?.shaped, load)

  async function give(item: string) {
    const answer = await post('/api/sites/{site}/library/give', at(), { item })
    problem.value = answer.ok ? null : answer.problem
    if (answer.ok) shelf.value = answer.value
    return answer.ok
  }
  /** Takes an item; gives the id that it has here. */
  async function take(line: ShelfLine, wornBy?: string) {
    const answer = await post('/api/sites/{site}/library/take', at(), { item: line.id, wornBy })
    problem.value = answer.ok ? null : answer.problem
    if (!answer.ok) return null
    await site.refresh()
    await load()
    return answer.value.here
  }
  /** How an item of this site stands in the library. */
  const ofHere = (item: string) => shelf.value?.items.find((l) => l.here === item)

  return { shelf, problem, give, take, ofHere }
}
