import type { AddressTrail, LeadingAddress, TrailStop } from '@/api/types'
import { nearDayWords } from '@/words/dates'

/** What a stop on the way of an address says. */
export const STOPS: Record<TrailStop['kind'], string> = {
  ASKED: 'asked',
  RIGHT: 'written right',
  LED: 'led on',
  HOME: 'it is the home page',
  SERVED: 'answers',
  HIDDEN: 'not shown to visitors',
  CLOSED: 'not for everyone',
  UNTOLD: 'not told of',
  GONE: 'taken away',
  ELSEWHERE: 'leads away',
  NOTHING: 'nothing here',
}

/** What somebody who asks for it gets, in a sentence. */
export function trailWords({ stops, status, location }: AddressTrail): string {
  const end = stops.at(-1)
  const page = end?.title ? `“${end.title}”` : ''
  if (status === 200) return `Visitors get ${page} at once (200).`
  if (status === 302 && end?.kind === 'CLOSED')
    return `Strangers are asked to sign in, and come to ${page} then if they may (302).`
  if (status === 302)
    return `Visitors are led to ${location} for now (302): there are fewer further pages than that.`
  if (status === 301)
    return end?.kind === 'ELSEWHERE'
      ? `Visitors are led to ${location} (301).`
      : `Visitors are led to ${location} in one step (301), and get ${page} there.`
  if (end?.kind === 'HIDDEN')
    return `Visitors are told that it is gone (410): ${page} is taken off the site, or it is not its time.`
  if (status === 410) return 'Visitors are told that what stood there is gone (410).'
  return 'Visitors get “not found” (404): nothing ever stood there.'
}

/** What stands beside the way of an address and does not answer, so that whoever wonders sees what was looked for. */
export function passedBy(kind: TrailStop['kind']): string[] {
  if (kind === 'LED' || kind === 'ELSEWHERE') return ['a page of its own: none']
  return kind === 'NOTHING' ? ['a page of its own: none', 'an address that leads on: none'] : []
}

/** Why an address leads on. */
export function whyWords({ from, why }: Pick<LeadingAddress, 'from' | 'why'>): string {
  if (why.release) return `moved with release ${why.release}`
  const branch = from.endsWith('/*') ? 'a whole branch, ' : ''
  return branch + (why.who ? `by ${why.who}${why.at ? `, ${nearDayWords(why.at)}` : ''}` : 'by hand')
}
