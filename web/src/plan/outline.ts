import type { PlanRow } from '@/api/types'

/** A row of the outline as it stands on the screen. */
export interface OutlineRow {
  row: PlanRow
  depth: number
  children: number
  open: boolean
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
    for (const id of children.get(parent) ?? []) {
      const row = rows.get(id)
      if (!row) continue
      const open = !wanted.folded.has(id)
      if (!wanted.keep) seen.push({ row, depth, children: count(id), open })
      else if (wanted.keep(row)) seen.push({ row, depth: 0, children: 0, open })
      if (open || wanted.keep) walk(id, depth + 1)
    }
  }
  walk('', 0)
  return seen
}

/** Where a page goes when it is moved by keys; null when it can go no further. */
export function keyMove(
  id: string,
  direction: 'up' | 'down' | 'in' | 'out',
  order: readonly string[],
  rows: ReadonlyMap<string, PlanRow>,
): { parent: string | null; before: string | null } | null {
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
