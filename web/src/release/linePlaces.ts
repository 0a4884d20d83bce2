import type { Logged } from '@/api/types'

/** A release on the line, in hundredths of its width. */
export interface Mark {
  release: Logged
  at: number
}
export interface MonthMark {
  name: string
  at: number
}

/** How much of the line what has been takes; the rest is to come. */
export const PAST = 72
const FIRST = 1
const MONTHS_APART = 7
/** Further right there is no room for a name before what is to come. */
const LAST_NAME = PAST - 7

/** Where releases stand up to the live one: by time, but never closer than there is room, the earliest first. */
export function placed(log: readonly Logged[]): Mark[] {
  const past = [...log].reverse()
  const begin = Date.parse(past[0]?.at ?? '')
  const span = Math.max(1, Date.parse(past.at(-1)?.at ?? '') - begin)
  const gap = (PAST - FIRST) / Math.max(1, past.length) / 2
  let least = FIRST
  const marks = past.map((release) => {
    const share = past.length === 1 ? 1 : (Date.parse(release.at) - begin) / span
    const at = Math.max(least, FIRST + share * (PAST - FIRST))
    least = at + gap
    return { release, at }
  })
  // What was pushed over the end is drawn together again.
  const over = (marks.at(-1)?.at ?? 0) / PAST
  return over > 1 ? marks.map((m) => ({ ...m, at: m.at / over })) : marks
}

/** The months that begin along the line, as far apart as can be read. */
export function months(marks: readonly Mark[]): MonthMark[] {
  const named: MonthMark[] = []
  let month = ''
  for (const { release, at } of marks) {
    const date = new Date(release.at)
    const name = date.toLocaleString('en-GB', { month: 'long' })
    const key = `${date.getFullYear()} ${name}`
    if (key !== month && at <= LAST_NAME && at - (named.at(-1)?.at ?? -MONTHS_APART) >= MONTHS_APART) {
      named.push({ name: date.getMonth() === 0 ? `${name} ${date.getFullYear()}` : name, at })
      month = key
    }
  }
  return named
}

/** Where what is to come stands: one after the other, evenly. */
export const comingAt = (index: number, count: number) =>
  PAST + ((100 - PAST) * (index + 0.55)) / Math.max(1.6, count)
