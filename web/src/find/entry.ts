import type { RouteLocationRaw } from 'vue-router'
import { fold } from '@/words/fold'

export const COLUMNS = [
  ['Pages', 'Entries'],
  ['Templates and kinds', 'Patterns'],
  ['Settings', 'What you can do'],
  ['Findings', 'Help'],
] as const
export type Group = (typeof COLUMNS)[number][number]

/** One entry of the index: where it leads or what it does, and where it stands. */
export interface Entry {
  id: string
  group: Group
  name: string
  /** Where it stands: an address, a screen. */
  locator: string
  template?: string
  /** Other words by which it is looked for. */
  also?: string
  to?: RouteLocationRaw
  act?: () => unknown
}
/** An entry with its words as they are looked for. */
export interface Filed extends Entry {
  words: string
}

export const file = (entry: Entry): Filed => ({
  ...entry,
  words: fold(`${entry.name} ${entry.locator} ${entry.also ?? ''}`),
})

/** What holds all the words that are looked for: those first whose name begins with them, then those where a word does. */
export function lookUp(all: Filed[], wanted: string): Filed[] {
  const asked = fold(wanted.trim())
  if (!asked) return all
  const words = asked.split(/\s+/)
  const found = all.filter((e) => words.every((w) => e.words.includes(w)))
  const ranks = new Map(found.map((e) => [e, rank(fold(e.name), asked)]))
  return found.sort((a, b) => ranks.get(a)! - ranks.get(b)!)
}
function rank(name: string, asked: string): number {
  if (name.startsWith(asked)) return 0
  if (name.includes(` ${asked}`)) return 1
  return name.includes(asked) ? 2 : 3
}

/** A name cut where what is looked for stands in it: before, the words themselves, after. */
export function cutAt(name: string, wanted: string): [string, string, string] {
  const asked = fold(wanted.trim())
  const letters = [...name]
  const folded = letters.map(fold)
  for (let from = 0; asked && from < letters.length; from++) {
    let to = from
    let seen = ''
    while (seen.length < asked.length && to < letters.length) seen += folded[to++]
    if (seen === asked)
      return [letters.slice(0, from).join(''), letters.slice(from, to).join(''), letters.slice(to).join('')]
  }
  return [name, '', '']
}
