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

const COLOURS = ['#1F5E5B', '#20262B', '#5B6670', '#8A6100', '#7A3E6D', '#B4521E', '#3B5B92', '#4F6B2A']
const STATES: Record<string, [string, string]> = {
  LIVE: ['live', '#1F5E5B'],
  CHANGED: ['changed', '#8A6100'],
  DRAFT: ['draft', '#8C949A'],
  WITHDRAWN: ['taken off', '#20262B'],
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
    const [label, colour] = STATES[row.state] ?? ['', '#8C949A']
    return { key: row.state, label, colour }
  }
  if (lens === 'findings') {
    if (row.mustFix) return { key: 'must', label: 'must fix', colour: '#A3292B' }
    if (row.shouldFix) return { key: 'should', label: 'should fix', colour: '#8A6100' }
    return { key: 'none', label: 'nothing found', colour: '#DCD7CB' }
  }
  const source: ReadonlyMap<string, { name: string }> = lens === 'template' ? templates : kinds
  const key = lens === 'template' ? row.template : row.kind
  const index = [...source.keys()].indexOf(key)
  return {
    key,
    label: source.get(key)?.name ?? key,
    colour: COLOURS[Math.max(0, index) % COLOURS.length] ?? '#5B6670',
  }
}
