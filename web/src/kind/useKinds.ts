import { question } from '@/api/client'
import type { KindLine } from '@/api/types'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'

/** All kinds of page side by side, with what their pages show. */
export function useKinds() {
  const site = useSite()
  return useItem(
    () => question('/api/sites/{site}/kinds', { path: { site: site.id } }),
    (table) => table.lines.map((k: KindLine) => ({ item: k.id, revision: k.revision })),
  )
}

/** The columns of the table, by the setting that is changed in each. */
export const COLUMNS = [
  { key: 'template', title: 'Usually wears' },
  { key: 'sides', title: 'Columns' },
  { key: 'band', title: 'Title band' },
  { key: 'parts', title: 'Parts it shows' },
  { key: 'madeBy', title: 'Made by, and where' },
  { key: 'startsIn', title: 'Begins in' },
  { key: 'offeredFirst', title: 'First' },
  { key: 'meaning', title: 'In search' },
] as const
export type Column = (typeof COLUMNS)[number]['key']

const PARTS: Record<string, string> = {
  partAround: 'around',
  partContents: 'contents',
  partDate: 'date',
  partPerson: 'person',
  partTopics: 'topics',
  partFiles: 'files',
  partRelated: 'related',
  partNeighbours: 'before & after',
}
/** All parts in short words, with those that are shown marked. */
export const partsOf = (shown: string[]) =>
  Object.entries(PARTS).map(([key, words]) => ({ key, words, on: shown.includes(key) }))

/** The pages that a column of one kind or of several is for, and those that say otherwise themselves: their number, and some of them. */
export function changed(lines: KindLine[], pages: (id: string) => number, column: Column) {
  const own = lines.flatMap((k) => k.own.filter((o) => o.aspect === column.toUpperCase()))
  return {
    all: lines.reduce((sum, k) => sum + pages(k.id), 0),
    own: own.reduce((sum, o) => sum + o.pages, 0),
    first: own.flatMap((o) => o.first),
  }
}
