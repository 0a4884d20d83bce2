import type { KindInfo, PlanRow, TemplateInfo } from '@/api/types'

export type LensKey = 'template' | 'state' | 'kind' | 'findings'

export interface Lens {
  key: LensKey
  label: string
}

export const LENSES: Lens[] = [
  { key: 'template', label: 'template' },
  { key: 'state', label: 'state' },
  { key: 'kind', label: 'kind' },
  { key: 'findings', label: 'findings' },
]

/** As look.css has them, for light and dark. */
const COLOURS = [1, 2, 3, 4, 5, 6, 7, 8].map((n) => `var(--lens-${n})`)
const STATES: Record<string, [string, string]> = {
  LIVE: ['live', 'var(--juniper)'],
  CHANGED: ['changed', 'var(--ochre)'],
  DRAFT: ['draft', 'var(--quiet)'],
  WITHDRAWN: ['taken off', 'var(--ink)'],
}

export interface Shade {
  key: string
  label: string
  colour: string
}

/** What colours a row under a lens, and the legend entry it belongs to. */
export function shadeOf(
  lens: LensKey,
  row: PlanRow,
  templates: ReadonlyMap<string, TemplateInfo>,
  kinds: ReadonlyMap<string, KindInfo>,
): Shade {
  if (lens === 'state') {
    const [label, colour] = STATES[row.state] ?? ['', 'var(--quiet)']
    return { key: row.state, label, colour }
  }
  if (lens === 'findings') {
    if (row.mustFix) return { key: 'must', label: 'must fix', colour: 'var(--brick)' }
    if (row.shouldFix) return { key: 'should', label: 'should fix', colour: 'var(--ochre)' }
    return { key: 'none', label: 'nothing found', colour: 'var(--line)' }
  }
  return lens === 'template' ? dealt(row.template, templates) : dealt(row.kind, kinds)
}

interface Used {
  name: string
  pages: number
}

/** A colour of its own for each that is used most, in the order in which they stand; the rest share the last. */
function dealt(key: string, source: ReadonlyMap<string, Used>): Shade {
  const used = [...source].filter(([, s]) => s.pages > 0)
  const most = [...used].sort((a, b) => b[1].pages - a[1].pages).slice(0, COLOURS.length - 1)
  const own = used.length <= COLOURS.length ? used : used.filter((u) => most.includes(u))
  const index = own.findIndex(([id]) => id === key)
  const colour = COLOURS[index] ?? COLOURS[COLOURS.length - 1]!
  return index < 0 ? { key: 'other', label: 'others', colour } : { key, label: source.get(key)!.name, colour }
}
