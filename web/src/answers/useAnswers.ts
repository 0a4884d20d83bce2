import { ref } from 'vue'
import { get } from '@/api/client'
import { said } from '@/api/said'
import type { AnswerRow, AnswersTold, FormAnswers } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSite } from '@/site/useSite'

export interface AnswersAsked {
  which: 'OPEN' | 'ALL' | 'APART'
  q: string
  item?: string
  state?: string
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
    const answer = await get('/api/sites/{site}/answers/{form}', {
      path: { site: site.id, form: form() },
      query: { ...asked(), after: more ? rows.value.length : 0 },
    })
    if (number !== asking) return
    // What is shown stays, whatever comes of looking again.
    if (!answer.ok && found.value) return void notices.refuse(answer.problem)
    trouble.value = answer.ok ? '' : said(answer.problem)
    if (!answer.ok) return
    found.value = answer.value
    rows.value = more ? [...rows.value, ...answer.value.rows] : answer.value.rows
  }
  return { told, found, rows, trouble, overview, load }
}
