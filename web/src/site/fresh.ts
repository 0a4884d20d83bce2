import { ref } from 'vue'
import { get } from '@/api/client'
import type { SiteNews, SiteStanding } from '@/api/types'
import { useSession } from '@/session/useSession'
import { makeCatalog } from './catalog'
import { makeRows } from './rows'

/** What is known of a site, and asking for what differs since. */
export function makeFresh() {
  const session = useSession()
  const id = ref('')
  const standing = ref<SiteStanding | null>(null)
  const missing = ref(false)
  const { take, clear, ...rows } = makeRows()
  const { need, ...choices } = makeCatalog(() => id.value)

  async function refresh() {
    const of = id.value
    const answer = await get('/api/sites/{site}/news', {
      path: { site: of },
      query: { since: rows.step.value },
    })
    if (of !== id.value) return answer.ok
    missing.value = !answer.ok && answer.problem.status === 404
    if (!answer.ok && answer.problem.status === 401) session.expired = true
    if (answer.ok) await hear(answer.value)
    return answer.ok
  }

  function hear(news: SiteNews) {
    if (news.standing.id !== id.value || news.standing.step < rows.step.value) return
    standing.value = news.standing
    take(news.plan)
    return need(news.standing.shaped)
  }

  function begin(site: string) {
    clear()
    id.value = site
  }
  return { id, standing, missing, ...rows, ...choices, refresh, hear, begin }
}
