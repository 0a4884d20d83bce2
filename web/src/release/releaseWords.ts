import type { Logged, ReleaseEntry } from '@/api/types'
import { whenWords } from '@/words/whenWords'

/** What becomes of an item, in a mark and a word. */
export const FATES: Record<ReleaseEntry['fate'], { mark: string; word: string; tone: string }> = {
  NEW: { mark: '+', word: 'new', tone: 'LIVE' },
  CHANGED: { mark: '◐', word: 'changed', tone: 'CHANGED' },
  OFF: { mark: '⊘', word: 'taken off', tone: 'WITHDRAWN' },
  GONE: { mark: '−', word: 'goes', tone: 'must' },
}

const LATE_MS = 60_000

/** Whether a release that was set for a time was made later, because the server was off. */
export const isLate = (r: Logged) => r.due !== undefined && Date.parse(r.at) - Date.parse(r.due) > LATE_MS

/** When a release went live, and how that came. */
export function cameWords(r: Logged): string {
  const late = isLate(r) ? `, late: it was set for ${whenWords(r.due ?? r.at)}` : ''
  return whenWords(r.at) + (late || (r.due ? ', as it was set' : ''))
}

/** A release in a few words, for those who don't see the line. */
export const releaseLabel = (r: Logged) =>
  `Release ${r.number}, ${cameWords(r)}, by ${r.who}${r.note ? `: ${r.note}` : ''}`
