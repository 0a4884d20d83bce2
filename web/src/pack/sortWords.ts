import type { PackLine } from '@/api/types'
import { counted } from '@/words/counted'

const WORDS: Record<PackLine['sort'], [one: string, more?: string]> = {
  SITE: ['site'],
  PAGE: ['page'],
  ENTRY: ['entry', 'entries'],
  MENU: ['menu'],
  THEME: ['look'],
  TEMPLATE: ['template'],
  KIND: ['kind'],
  PATTERN: ['pattern'],
  SHARED: ['shared section'],
  MEDIA: ['file'],
  REDIRECT: ['redirect'],
}
const ORDER = Object.keys(WORDS) as PackLine['sort'][]

export const sortWord = (line: PackLine) => WORDS[line.sort][0]

/** "12 pages, 3 files", in the order in which people are told of them. */
export function sortsCounted(lines: PackLine[]) {
  return ORDER.map((sort) => ({ sort, many: lines.filter((l) => l.sort === sort).length }))
    .filter(({ many }) => many)
    .map(({ sort, many }) => counted(many, ...WORDS[sort]))
    .join(', ')
}
