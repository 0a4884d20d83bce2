import type { RollOutCell } from '@/api/types'
import type { Choice } from './rollOutChoices'

const WORDS: Record<RollOutCell['state'], { mark: string; word: string; tone: string }> = {
  DONE: { mark: '✓', word: 'in step', tone: 'quiet' },
  FOLLOWS: { mark: '●', word: 'follows', tone: 'live' },
  MERGES: { mark: '◑', word: 'keeps both', tone: 'live' },
  COMES: { mark: '+', word: 'comes in', tone: 'live' },
  GOES: { mark: '−', word: 'goes', tone: 'live' },
  LEFT: { mark: '·', word: 'left alone', tone: 'quiet' },
  WITHOUT: { mark: '□', word: 'goes without', tone: 'quiet' },
  ASKS: { mark: '◇', word: 'needs a choice', tone: 'must' },
}
const CHOSEN: Record<Choice, { mark: string; word: string; tone: string }> = {
  FOLLOW: { mark: '●', word: 'will follow', tone: 'live' },
  KEEP: { mark: '○', word: 'left as adapted', tone: 'quiet' },
  SHELVE: { mark: '▾', word: 'to the shelf', tone: 'quiet' },
}

/** What a cell of the roll-out says: by mark and by word. */
export function cellWords(cell: RollOutCell, chosen: Choice | undefined) {
  if (cell.state === 'WITHOUT' && chosen === 'FOLLOW') return WORDS.COMES
  return chosen && cell.state !== 'DONE' && cell.state !== 'WITHOUT' ? CHOSEN[chosen] : WORDS[cell.state]
}
