import { post } from '@/api/client'
import type { AnswerRow } from '@/api/types'
import type { Outcome } from '@/api/client'
import { useNotices } from '@/edit/useNotices'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import type { useAnswers } from './useAnswers'

export interface AnswerWork {
  state?: string
  works?: string
  note?: string
  apart?: boolean
  /** Whether others read a comment on its page. */
  shown?: boolean
}

/** What is done about answers; what is refused is told, and nothing is lost. */
export function useAnswerDeeds(form: () => string, { rows, overview, load }: ReturnType<typeof useAnswers>) {
  const notices = useNotices()
  const at = { path: { site: useSite().id } }
  const both = () => Promise.all([overview(), load()])
  async function done<T>(answer: Outcome<T>, tell?: (value: T) => string) {
    if (!answer.ok) return void notices.refuse(answer.problem)
    if (tell) notices.tell(tell(answer.value))
    await both()
  }
  /** Rows stay where they are while one works with them; what they are is shown at once. */
  async function work(ids: string[], what: AnswerWork) {
    const answer = await post('/api/sites/{site}/answers/work', at, { ids, ...what })
    if (!answer.ok) return void notices.refuse(answer.problem)
    const now = new Map<string, AnswerRow>(answer.value.rows.map((r) => [r.id, r]))
    rows.value = rows.value.map((r) => now.get(r.id) ?? r)
    await (what.apart === undefined ? overview() : both())
  }
  const remove = async (ids: string[]) =>
    done(
      await post('/api/sites/{site}/answers/remove', at, { ids }),
      (v) => `${counted(v.done, 'answer')} removed for good`,
    )
  const give = async (id: string) =>
    done(await post('/api/sites/{site}/answers/{answer}/give', { path: { ...at.path, answer: id } }))
  const back = async (id: string) =>
    done(await post('/api/sites/{site}/answers/{answer}/back', { path: { ...at.path, answer: id } }))
  const move = async (ids: string[], item: string) =>
    done(
      await post('/api/sites/{site}/answers/move', at, { ids, item }),
      () => `${counted(ids.length, 'answer')} moved`,
    )
  const off = async (item: string) =>
    done(
      await post('/api/sites/{site}/answers/off', at, { form: form(), item }),
      (v) => `Called off; ${counted(v.rows.length, 'answer')} told`,
    )
  return { both, work, remove, give, back, move, off }
}
