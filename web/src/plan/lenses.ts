import type { KindInfo, PageCame, PlanRow, TemplateInfo } from '@/api/types'

export type LensKey = 'template' | 'state' | 'kind' | 'findings' | 'lineage' | 'age' | 'who' | 'gate' | 'read'

export interface Lens {
  key: LensKey
  label: string
}

export const LENSES: Lens[] = [
  { key: 'template', label: 'template' },
  { key: 'state', label: 'state' },
  { key: 'kind', label: 'kind' },
  { key: 'findings', label: 'findings' },
  { key: 'lineage', label: 'behind what it was copied from' },
  { key: 'age', label: 'when it was changed last' },
  { key: 'who', label: 'who changed it last' },
  { key: 'gate', label: 'who may see it' },
  { key: 'read', label: 'how often it is read' },
]

/** Those that ask how pages came to be as they are. */
export const ASKING: LensKey[] = ['lineage', 'age', 'who', 'read']
export type CameOf = ReadonlyMap<string, PageCame>

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
  came: CameOf = new Map(),
): Shade {
  if (ASKING.includes(lens)) return shadeOfCame(lens, came.get(row.id), came)
  if (lens === 'gate') return shadeOfGate(row)
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

function shadeOfGate({ gate }: PlanRow): Shade {
  if (!gate || gate.who === 'EVERYONE') return { key: 'open', label: 'everyone', colour: 'var(--juniper)' }
  return gate.hidden
    ? { key: 'hidden', label: 'others don’t learn of it', colour: 'var(--lens-5)' }
    : { key: 'closed', label: 'some', colour: 'var(--ochre)' }
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

const DAY_MS = 86_400_000
const AGES: { days: number; label: string; colour: string }[] = [
  { days: 1, label: 'a day', colour: 'var(--lens-1)' },
  { days: 7, label: 'a week', colour: 'var(--lens-3)' },
  { days: 31, label: 'a month', colour: 'var(--lens-4)' },
  { days: 366, label: 'a year', colour: 'var(--lens-6)' },
]

/** What colours a row by how its page came to be as it is. */
function shadeOfCame(lens: LensKey, came: PageCame | undefined, all: CameOf): Shade {
  if (lens === 'lineage')
    return came?.behind
      ? { key: 'behind', label: 'behind', colour: 'var(--ochre)' }
      : { key: 'step', label: 'in step', colour: 'var(--line)' }
  if (lens === 'read') return shadeOfReads(came?.read ?? 0, all)
  if (!came?.at) return { key: 'never', label: 'as the site began', colour: 'var(--line)' }
  if (lens === 'who') return shadeOfPerson(came.who ?? '', all)
  const age = Date.now() - Date.parse(came.at)
  const found = AGES.find((a) => age <= a.days * DAY_MS)
  return found
    ? { key: found.label, label: `within ${found.label}`, colour: found.colour }
    : { key: 'older', label: 'longer ago', colour: 'var(--quiet)' }
}

/** By where it stands among all that are read: most of what is read is a few pages. */
function shadeOfReads(times: number, all: CameOf): Shade {
  if (!times) return { key: 'never', label: 'not read in 30 days', colour: 'var(--line)' }
  const { tenth, half } = steps(all)
  if (times >= tenth) return { key: 'most', label: 'the most read tenth', colour: 'var(--lens-1)' }
  return times >= half
    ? { key: 'often', label: 'read more than most', colour: 'var(--lens-3)' }
    : { key: 'less', label: 'read less', colour: 'var(--lens-4)' }
}
/** Worked out once for all rows of a plan: a site has many. */
const STEPS = new WeakMap<CameOf, { tenth: number; half: number }>()
function steps(all: CameOf) {
  const known = STEPS.get(all)
  if (known) return known
  const read = [...all.values()].flatMap((c) => c.read || []).sort((a, b) => b - a)
  const at = (part: number) => read[Math.floor((read.length - 1) * part)] ?? 0
  const made = { tenth: at(0.1), half: at(0.5) }
  STEPS.set(all, made)
  return made
}
function shadeOfPerson(who: string, all: CameOf): Shade {
  const people = [...new Set([...all.values()].flatMap((c) => (c.at && c.who ? [c.who] : [])))].sort()
  return { key: who, label: who, colour: COLOURS[people.indexOf(who) % COLOURS.length] ?? 'var(--quiet)' }
}
