import { ref } from 'vue'
import { get } from '@/api/client'
import { said } from '@/api/said'
import type { AnswerRow, AnswersTold, FormAnswers } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSite } from '@/site/useSite'

export type AnswersOrder = 'NEWEST' | 'OLDEST' | 'NAME' | 'STATE' | 'STANDS'
export interface AnswersAsked {
  which: 'OPEN' | 'ALL' | 'HELD' | 'REPORTED' | 'APART'
  q: string
  item?: string
  state?: string
  /** The id of the person who works on them. */
  works?: string
  order?: AnswersOrder
  /** All that came from one address, by whatever form. */
  from?: string
}

/** What visitors sent by the form at hand, some at a time, and what is done about it. */
export function useAnswers(form: () => string, asked: () => AnswersAsked) {
  const site = useSite()
  const notices = useNotices()
  const told = ref<AnswersTold | null>(null)
  const found = ref<FormAnswers | null>(null)
  const rows = ref<AnswerRow[]>([])
  const trouble = ref('')
  let asking = 0
  async function overview() {
    const answer = await get('/api/sites/{site}/answers', { path: { site: site.id } })
    if (answer.ok) told.value = answer.value
    else if (!told.value) trouble.value = said(answer.problem)
  }
  async function load(more = false) {
    const number = ++asking
    if (!form()) return
    const { from, ...query } = asked()
    if (from) return void (await sent(from, number))
    const answer = await get('/api/sites/{site}/answers/{form}', {
      path: { site: site.id, form: form() },
      query: { ...query, after: more ? rows.value.length : 0 },
    })
    if (number !== asking) return
    // What is shown stays, whatever comes of looking again.
    if (!answer.ok && found.value) return void notices.refuse(answer.problem)
    trouble.value = answer.ok ? '' : said(answer.problem)
    if (!answer.ok) return
    found.value = answer.value
    rows.value = more ? [...rows.value, ...answer.value.rows] : answer.value.rows
  }
  async function sent(email: string, number: number) {
    const answer = await get('/api/sites/{site}/senders', { path: { site: site.id }, query: { email } })
    if (number !== asking) return
    if (!answer.ok) return void notices.refuse(answer.problem)
    rows.value = answer.value.rows
    found.value = { rows: rows.value, found: rows.value.length, seats: [], columns: [] }
  }
  return { told, found, rows, trouble, overview, load }
}
