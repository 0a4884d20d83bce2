import type { ReleaseEntry } from '@/api/types'
import { bySort, type ItemSort } from '@/words/sorts'

export const FATES: Record<ReleaseEntry['fate'], { mark: string; word: string; tone: string }> = {
  NEW: { mark: '+', word: 'new', tone: 'LIVE' },
  CHANGED: { mark: '◐', word: 'changed', tone: 'CHANGED' },
  OFF: { mark: '⊘', word: 'taken off', tone: 'WITHDRAWN' },
  GONE: { mark: '−', word: 'goes', tone: 'must' },
}

export interface EntryGroup {
  sort: ItemSort
  entries: ReleaseEntry[]
}

const byName = new Intl.Collator('en-GB', { numeric: true, sensitivity: 'base' })

/** The changes by sort; pages as they stand in the plan, all else by name, numbers as numbers. */
export function grouped(entries: readonly ReleaseEntry[], order: readonly string[]): EntryGroup[] {
  const place = new Map(order.map((id, i) => [id, i]))
  const at = (e: ReleaseEntry) => place.get(e.item) ?? order.length
  return bySort(entries).map(([sort, all]) => ({
    sort,
    entries: all.sort((a, b) => at(a) - at(b) || byName.compare(a.name, b.name)),
  }))
}
