import type { PlanRow } from '@/api/types'

/** A row of the outline as it stands on the screen. */
export interface OutlineRow {
  row: PlanRow
  depth: number
  children: number
  open: boolean
  /** Which it is among its neighbours, from 1, and how many they are. */
  place: number
  of: number
}

/** Where a page goes: beneath which, and before which of those there. */
export interface Move {
  page: string
  parent: string | null
  before: string | null
}

export interface Wanted {
  folded: ReadonlySet<string>
  keep?: (row: PlanRow) => boolean
}

/** Children of each page in order; the key of the top is an empty text. */
export function childrenOf(
  order: readonly string[],
  rows: ReadonlyMap<string, PlanRow>,
): Map<string, string[]> {
  const children = new Map<string, string[]>()
  for (const id of order) {
    const row = rows.get(id)
    if (!row) continue
    const parent = row.parent && rows.has(row.parent) ? row.parent : ''
    const list = children.get(parent)
    if (list) list.push(id)
    else children.set(parent, [id])
  }
  return children
}

/** The rows in sight, top to bottom. With `keep`, the rows it keeps, each without what is above it. */
export function outline(
  order: readonly string[],
  rows: ReadonlyMap<string, PlanRow>,
  wanted: Wanted,
): OutlineRow[] {
  const children = childrenOf(order, rows)
  const seen: OutlineRow[] = []
  const count = (id: string) => children.get(id)?.length ?? 0
  const walk = (parent: string, depth: number) => {
    const all = children.get(parent) ?? []
    for (const [i, id] of all.entries()) {
      const row = rows.get(id)
      if (!row) continue
      const open = !wanted.folded.has(id)
      const place = { place: i + 1, of: all.length }
      if (!wanted.keep) seen.push({ row, depth, children: count(id), open, ...place })
      else if (wanted.keep(row)) seen.push({ row, depth: 0, children: 0, open, ...place })
      if (open || wanted.keep) walk(id, depth + 1)
    }
  }
  walk('', 0)
  return wanted.keep ? seen.map((line, i) => ({ ...line, place: i + 1, of: seen.length })) : seen
}

/** Where a page goes when it is moved by keys; null when it can go no further. */
export function keyMove(
  id: string,
  direction: 'up' | 'down' | 'in' | 'out',
  order: readonly string[],
  rows: ReadonlyMap<string, PlanRow>,
): Omit<Move, 'page'> | null {
  const children = childrenOf(order, rows)
  const row = rows.get(id)
  if (!row) return null
  const parent = row.parent && rows.has(row.parent) ? row.parent : null
  const siblings = children.get(parent ?? '') ?? []
  const at = siblings.indexOf(id)
  if (direction === 'up') return at > 0 ? { parent, before: siblings[at - 1] ?? null } : null
  if (direction === 'down')
    return at < siblings.length - 1 ? { parent, before: siblings[at + 2] ?? null } : null
  if (direction === 'in') return at > 0 ? { parent: siblings[at - 1] ?? null, before: null } : null
  if (!parent) return null
  const above = rows.get(parent)
  const uncles = children.get(above?.parent ?? '') ?? []
  return { parent: above?.parent ?? null, before: uncles[uncles.indexOf(parent) + 1] ?? null }
}

/** The plan as it would be with a page moved. */
export function carried(order: readonly string[], rows: ReadonlyMap<string, PlanRow>, move: Move | null) {
  const row = move && rows.get(move.page)
  if (!move || !row) return { order, rows }
  const others = order.filter((id) => id !== move.page)
  const at = move.before ? others.indexOf(move.before) : others.length
  return {
    order: [...others.slice(0, at), move.page, ...others.slice(at)],
    rows: new Map(rows).set(move.page, { ...row, parent: move.parent ?? undefined }),
  }
}

/** What is said of a page on its way, wherever it stands now. */
export function heldWords(held: (Move & { whyNot: string }) | null, lines: readonly OutlineRow[]): string {
  const line = held && lines.find((l) => l.row.id === held.page)
  if (!line) return ''
  const above = lines.find((l) => l.row.id === held.parent)?.row.title
  const place = `${line.place} of ${line.of} ${above ? `beneath ${above}` : 'at the top'}`
  const why = held.whyNot ? ` Not there: ${held.whyNot}.` : ''
  return `Moving ${line.row.title}: ${place}.${why} Arrows move it, Enter puts it down, Escape puts it back.`
}
