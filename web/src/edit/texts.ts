import { diffWordsWithSpace } from 'diff'
import type { Problem } from '@/api/client'

/** Two texts of one place, of which one is to stand. */
export interface Texts {
  mine: string
  theirs: string
  /** Whether one may stand after the other. */
  joins?: boolean
}
/** Some words of a text, and whether the other has them not. */
export interface Piece {
  words: string
  differs: boolean
}

const isPart = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null

function partOf(tree: unknown, id: string): unknown {
  if (!isPart(tree)) return undefined
  if (tree.id === id) return tree
  return Object.values(tree)
    .map((part) => partOf(part, id))
    .find((found) => found !== undefined)
}

/** What stands at a path of an item: keys with dots between, the first of them the item's own or ids of parts, each in the one before it. */
export function valueAt(tree: unknown, path: string): unknown {
  const [first, ...rest] = path.split('.')
  const from = isPart(tree) && first! in tree ? tree[first!] : first!.split('/').reduce(partOf, tree)
  return rest.reduce((at, key) => (isPart(at) ? at[key] : undefined), from)
}

/** Both texts, where it is words that two have written, or entries with words in them. */
export function textsOf({ field = '', mine, theirs }: Problem): Texts | null {
  const [one, other] = [valueAt(mine, field), valueAt(theirs, field)]
  if (typeof one === 'string' && typeof other === 'string') return { mine: one, theirs: other, joins: true }
  if (Array.isArray(one) && Array.isArray(other))
    return { mine: wordsIn(one), theirs: wordsIn(other), joins: false }
  return null
}

const isName = (text: string) => /^[a-z]+:\S*$/.test(text)

/** The words of entries, a line each: not what they lead to or show. */
function wordsIn(entries: unknown): string {
  if (typeof entries === 'string') return isName(entries) ? '' : plain(entries)
  if (!isPart(entries)) return ''
  return Object.entries(entries)
    .map(([key, value]) => (key === 'id' ? '' : wordsIn(value)))
    .filter(Boolean)
    .join('\n')
}

const isRich = (text: string) => /^<\w/.test(text)

/** Theirs, then mine: after each other as the place writes them. */
export function both({ mine, theirs }: Texts): string {
  if (!theirs.trim() || !mine.trim()) return theirs + mine
  const between = isRich(theirs) ? '' : /\n/.test(theirs + mine) ? '\n' : ' '
  return theirs + between + mine
}

const plain = (text: string) =>
  isRich(text)
    ? new DOMParser()
        .parseFromString(text.replace(/<\/(p|li|h\d)>|<br>/g, '$&\n'), 'text/html')
        .body.textContent.trim()
    : text

/** Each text in pieces, word by word, with what only it has. */
export function sideBySide({ mine, theirs }: Texts): { mine: Piece[]; theirs: Piece[] } {
  const parts = diffWordsWithSpace(plain(theirs), plain(mine))
  const side = (
    isOwn: (p: (typeof parts)[number]) => boolean,
    isOther: (p: (typeof parts)[number]) => boolean,
  ) => parts.filter((p) => !isOther(p)).map((p) => ({ words: p.value, differs: isOwn(p) }))
  return {
    mine: side(
      (p) => p.added,
      (p) => p.removed,
    ),
    theirs: side(
      (p) => p.removed,
      (p) => p.added,
    ),
  }
}
