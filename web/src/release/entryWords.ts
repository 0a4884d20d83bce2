import type { ReleaseEntry } from '@/api/types'

/** What the changes that wait are gathered under, by the sort of thing that changes. */
export const SORTS: Record<ReleaseEntry['sort'], { one: string; many: string }> = {
  PAGE: { one: 'Page', many: 'Pages' },
  ENTRY: { one: 'Entry', many: 'Entries' },
  MENU: { one: 'Menu', many: 'Menus' },
  SITE: { one: 'Site', many: 'The site' },
  THEME: { one: 'Look', many: 'Looks' },
  TEMPLATE: { one: 'Template', many: 'Templates' },
  KIND: { one: 'Kind', many: 'Kinds' },
  PATTERN: { one: 'Pattern', many: 'Patterns' },
  SHARED: { one: 'Shared section', many: 'Shared sections' },
  MEDIA: { one: 'File', many: 'Pictures and files' },
  REDIRECT: { one: 'Redirect', many: 'Redirects' },
}

export const FATES: Record<ReleaseEntry['fate'], { mark: string; word: string; tone: string }> = {
  NEW: { mark: '+', word: 'new', tone: 'LIVE' },
  CHANGED: { mark: '◐', word: 'changed', tone: 'CHANGED' },
  GONE: { mark: '−', word: 'goes', tone: 'must' },
}

export interface EntryGroup {
  sort: ReleaseEntry['sort']
  entries: ReleaseEntry[]
}

const byName = new Intl.Collator('en-GB', { numeric: true, sensitivity: 'base' })

/** The changes by sort, in the order of `SORTS`; pages as they stand in the plan, all else by name, numbers as numbers. */
export function grouped(entries: readonly ReleaseEntry[], order: readonly string[]): EntryGroup[] {
  const place = new Map(order.map((id, i) => [id, i]))
  const at = (e: ReleaseEntry) => place.get(e.item) ?? order.length
  return (Object.keys(SORTS) as ReleaseEntry['sort'][])
    .map((sort) => ({
      sort,
      entries: entries
        .filter((e) => e.sort === sort)
        .sort((a, b) => at(a) - at(b) || byName.compare(a.name, b.name)),
    }))
    .filter((g) => g.entries.length > 0)
}
