import type { PlanRow } from '@/api/types'

/** A page's state as a mark and a word. */
export const STATE_WORDS: Record<PlanRow['state'], { mark: string; word: string }> = {
  LIVE: { mark: '●', word: 'live' },
  CHANGED: { mark: '◐', word: 'changed' },
  DRAFT: { mark: '○', word: 'draft' },
  WITHDRAWN: { mark: '⊘', word: 'taken off' },
}
