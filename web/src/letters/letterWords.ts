import type { LetterRow, LettersTold, SubscriberRow } from '@/api/types'
import { counted } from '@/words/counted'
import { whenWords } from '@/words/whenWords'

export const STANDS: Record<SubscriberRow['stands'], { word: string; mark: string; help: string }> = {
  IN: { word: 'gets letters', mark: '●', help: 'Confirmed, or was brought in with how they agreed' },
  ASKED: {
    word: 'not confirmed',
    mark: '◐',
    help: 'Was sent a letter to confirm, and has not; forgotten after 30 days',
  },
  OUT: { word: 'left', mark: '○', help: 'Gets no letters. Only they can come back' },
  REFUSED: { word: 'refused', mark: '✕', help: 'Their mail server takes nothing for this address' },
}

const of = (letter: LetterRow, ...states: string[]) =>
  states.reduce((sum, s) => sum + (letter.gone[s] ?? 0), 0)

/** How far a letter is: how many have it, and how many it goes to. */
export function reached(letter: LetterRow) {
  const all = Object.values(letter.gone).reduce((sum, n) => sum + n, 0)
  return {
    all,
    have: of(letter, 'SENT'),
    waiting: of(letter, 'WAITING', 'BEING'),
    refused: of(letter, 'REFUSED'),
    unsure: of(letter, 'UNSURE'),
    left: of(letter, 'LEFT'),
  }
}

/** A letter in a few words, for a list. */
export function standing(letter: LetterRow): string {
  const { all, have, waiting, unsure } = reached(letter)
  const doubt = unsure ? ` · ${unsure} unsure` : ''
  if (letter.state === 'DRAFT') return 'draft'
  if (letter.state === 'SENDING') return `${all - waiting} of ${all}${doubt}`
  if (letter.state === 'STOPPED') return `stopped at ${all - waiting} of ${all}${doubt}`
  return `${whenWords(letter.started ?? '')} · ${have}${doubt}`
}

/** How long it takes to write to so many, at so many a minute. */
export function howLong(many: number, rate: number): string {
  const minutes = Math.ceil(many / rate)
  if (minutes <= 1) return 'within a minute'
  if (minutes < 90) return `in about ${counted(minutes, 'minute')}`
  const hours = Math.round(minutes / 60)
  return `in about ${counted(hours, 'hour')}`
}

/** Who gets letters on all lists together. */
export const inAll = (told: LettersTold) => told.lists.reduce((sum, l) => sum + l.in, 0)
