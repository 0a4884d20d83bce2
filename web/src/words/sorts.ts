import type { ReleaseEntry } from '@/api/types'
import { counted } from './counted'

export type ItemSort = ReleaseEntry['sort']

/** The sorts of item in the order in which people are told of them: what one of them is called, several, and what they stand under. */
export const SORTS: Record<ItemSort, { one: string; many: string; heading: string }> = {
  PAGE: { one: 'page', many: 'pages', heading: 'Pages' },
  ENTRY: { one: 'entry', many: 'entries', heading: 'Entries' },
  FORM: { one: 'form', many: 'forms', heading: 'Forms' },
  MENU: { one: 'menu', many: 'menus', heading: 'Menus' },
  GROUP: { one: 'group of members', many: 'groups of members', heading: 'Groups of members' },
  SITE: { one: 'site', many: 'sites', heading: 'The site' },
  THEME: { one: 'look', many: 'looks', heading: 'Looks' },
  TEMPLATE: { one: 'template', many: 'templates', heading: 'Templates' },
  KIND: { one: 'kind', many: 'kinds', heading: 'Kinds' },
  PATTERN: { one: 'pattern', many: 'patterns', heading: 'Patterns' },
  SHARED: { one: 'shared section', many: 'shared sections', heading: 'Shared sections' },
  MEDIA: { one: 'file', many: 'files', heading: 'Pictures and files' },
  REDIRECT: { one: 'redirect', many: 'redirects', heading: 'Redirects' },
}

/** Things gathered by their sort, those without any left out. */
export function bySort<T extends { sort: ItemSort }>(things: readonly T[]): [ItemSort, T[]][] {
  const found = new Map<ItemSort, T[]>()
  for (const thing of things) found.set(thing.sort, [...(found.get(thing.sort) ?? []), thing])
  const order = Object.keys(SORTS)
  return [...found].sort(([a], [b]) => order.indexOf(a) - order.indexOf(b))
}

/** "12 pages, 3 files". */
export const sortsCounted = (things: readonly { sort: ItemSort }[]) =>
  bySort(things)
    .map(([sort, all]) => counted(all.length, SORTS[sort].one, SORTS[sort].many))
    .join(', ')
