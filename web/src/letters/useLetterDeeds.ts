import { ref } from 'vue'
import { post, type Outcome } from '@/api/client'
import type { LetterDetail, LetterWording } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSite } from '@/site/useSite'
import type { Letters } from './useLetters'

const DEEDS = {
  test: '/api/sites/{site}/letters/{letter}/test',
  send: '/api/sites/{site}/letters/{letter}/send',
  stop: '/api/sites/{site}/letters/{letter}/stop',
  on: '/api/sites/{site}/letters/{letter}/on',
} as const
export type LetterDeed = keyof typeof DEEDS

/** What is done with the letter at hand. Each tells whether it was done. */
export function useLetterDeeds(letter: () => string, letters: Letters) {
  const site = useSite()
  const notices = useNotices()
  const busy = ref(false)
  const at = () => ({ path: { site: site.id, letter: letter() } })

  async function shown(asking: Promise<Outcome<LetterDetail>>): Promise<boolean> {
    busy.value = true
    const answer = await asking
    busy.value = false
    if (!answer.ok) notices.refuse(answer.problem)
    else letters.did(answer.value)
    await letters.load()
    return answer.ok
  }
  const act = (deed: LetterDeed) => shown(post(DEEDS[deed], at(), {}))
  const pace = (rate: number) => shown(post('/api/sites/{site}/letters/{letter}/pace', at(), { rate }))
  const decide = (subscribers: string[], again: boolean) =>
    shown(post('/api/sites/{site}/letters/{letter}/unsure', at(), { subscribers, again }))

  /** Begins a letter to a list; gives its id. */
  async function begin(list: string): Promise<string> {
    const wording: LetterWording = { list, subject: '', lead: '', page: '' }
    const answer = await post('/api/sites/{site}/letters', { path: { site: site.id } }, wording)
    if (!answer.ok) notices.refuse(answer.problem)
    await letters.load()
    return answer.ok ? answer.value.row.id : ''
  }
  async function remove(): Promise<boolean> {
    const answer = await post('/api/sites/{site}/letters/{letter}/remove', at(), {})
    if (answer.ok) letters.left(answer.value)
    else notices.refuse(answer.problem)
    return answer.ok
  }
  return { busy, act, pace, decide, begin, remove }
}
