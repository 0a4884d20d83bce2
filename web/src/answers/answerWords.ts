import type { AnswerRow } from '@/api/types'

/** The states that every form has, each with its mark; a form's own ones have none. */
export const ANSWER_STATES = [
  { value: 'new', mark: '●' },
  { value: 'read', mark: '○' },
  { value: 'done', mark: '✓' },
] as const
export const markOf = (state: string) => ANSWER_STATES.find((s) => s.value === state)?.mark ?? '◐'

const ORDINALS = new Intl.PluralRules('en-GB', { type: 'ordinal' })
const ENDS: Record<string, string> = { one: 'st', two: 'nd', few: 'rd', other: 'th' }
export const ordinal = (n: number) => `${n}${ENDS[ORDINALS.select(n)]}`

/** How somebody stands who wants places. */
export function standsWords(place: AnswerRow['place']): string {
  if (!place) return ''
  if (place.stands === 'PLACE') return place.over ? 'has a place, over' : 'has a place'
  if (place.stands === 'WAITS') return `waits, ${ordinal(place.line)}`
  return place.stands === 'BACK' ? 'gave it back' : 'called off'
}

/** How a comment stands on its page. */
export function onPageWords(onPage: AnswerRow['onPage']): string {
  if (!onPage) return ''
  const reported = onPage.reported
    ? `, reported ${onPage.reported === 1 ? 'once' : `${onPage.reported} times`}`
    : ''
  return (onPage.shown ? 'stands' : 'not shown') + reported
}

/** The files that were sent: each is told as its number, its size, its sort and its name. */
export const filesOf = (said: AnswerRow['said'][number]) =>
  said.value.split('\n').map((line) => {
    const [id = '', , , ...name] = line.split('/')
    return { id, name: name.join('/') }
  })

/** What stands in a column: what was answered, in one line. */
export const saidOf = (row: AnswerRow, key: string) => row.said.find((s) => s.key === key)?.words ?? ''
