import type { MenuLine } from '@/api/types'

export interface Line {
  id: string
  /** Nothing for a heading over the lines beneath it. */
  link?: string
  label?: string
  /** How many levels of its page's branch stand beneath it by themselves. */
  follows: number
  /** To whom it is shown, of those who may open what it leads to. */
  settings?: MenuLine['settings']
  beneath: Line[]
}
export interface Placed {
  line: MenuLine
  level: number
  first: boolean
  last: boolean
  /** Whether it stands there because the line above it follows its branch. */
  by: string | null
  /** Why it may not stand beneath the line before it; nothing where it may. */
  stuck: string
}
export type Where = 'before' | 'inside' | 'after'

export const LEVELS = 3

/** Every line, each before the ones beneath it; those that follow before a line's own. */
export function flat(lines: MenuLine[], level = 1, by: string | null = null): Placed[] {
  const all = given(lines)
  return lines.flatMap((line, i) => [
    {
      line,
      level,
      by,
      first: i === 0,
      last: i === lines.length - 1,
      stuck: by ? '' : i === 0 ? 'No line is before it' : room(all[i]!, level + 1),
    },
    ...flat(line.following, level + 1, line.id),
    ...flat(line.beneath, level + 1, by),
  ])
}

/** As they are given: what a line takes from its page, and what follows it, is left out. */
export const given = (lines: readonly MenuLine[]): Line[] =>
  lines.map(({ id, link, label, follows, settings, beneath }) => ({
    id,
    link: link ?? undefined,
    label: label || undefined,
    follows,
    settings,
    beneath: given(beneath),
  }))

const mapped = (lines: Line[], id: string, change: (line: Line) => Line[]): Line[] =>
  lines.flatMap((l) => (l.id === id ? change(l) : [{ ...l, beneath: mapped(l.beneath, id, change) }]))

/** A line, the ones above it from the first level on, and those beside it. */
function find(lines: Line[], id: string, above: Line[] = []): { line: Line; above: Line[] } | undefined {
  for (const line of lines) {
    if (line.id === id) return { line, above }
    const within = find(line.beneath, id, [...above, line])
    if (within) return within
  }
  return undefined
}

/** How many levels it takes with what stands beneath it. */
export const height = (line: Line): number =>
  1 + Math.max(line.follows, 0, ...line.beneath.map((l) => height(l)))

/** Why a line has no room on a level; nothing where it has. */
const room = (line: Line, level: number) =>
  level + height(line) - 1 <= LEVELS
    ? ''
    : height(line) > 1
      ? `A menu has ${LEVELS} levels, and lines stand beneath this one`
      : `A menu has ${LEVELS} levels`

export const changed = (lines: Line[], id: string, change: Partial<Line>) =>
  mapped(lines, id, (l) => [{ ...l, ...change }])

/** Those beneath it go with it. */
export const without = (lines: Line[], id: string) => mapped(lines, id, () => [])

/** Up or down among the lines beside it. */
export function moved(lines: Line[], id: string, by: 1 | -1): Line[] {
  const at = lines.findIndex((l) => l.id === id)
  if (at < 0) return lines.map((l) => ({ ...l, beneath: moved(l.beneath, id, by) }))
  const to = at + by
  if (to < 0 || to >= lines.length) return lines
  const next = [...lines]
  next.splice(to, 0, ...next.splice(at, 1))
  return next
}

/** Why a line may not be let go there; nothing where it may. */
export function whyNot(lines: Line[], id: string, over: string, where: Where): string {
  const moving = find(lines, id)
  const target = find(lines, over)
  if (!moving || !target) return 'It stands there by itself'
  if (id === over || find(moving.line.beneath, over)) return 'A line can’t stand beneath itself'
  return room(moving.line, target.above.length + (where === 'inside' ? 2 : 1))
}

/** Put before, after or beneath another; the lines as they were where it may not stand there. */
export function placed(lines: Line[], id: string, over: string, where: Where): Line[] {
  const line = find(lines, id)?.line
  if (!line || whyNot(lines, id, over, where)) return lines
  return mapped(without(lines, id), over, (at) => {
    if (where === 'inside') return [{ ...at, beneath: [...at.beneath, line] }]
    return where === 'before' ? [line, at] : [at, line]
  })
}

/** Beneath the line before it. */
export function inward(lines: Line[], id: string): Line[] {
  const beside = find(lines, id)?.above.at(-1)?.beneath ?? lines
  const before = beside[beside.findIndex((l) => l.id === id) - 1]
  return before ? placed(lines, id, before.id, 'inside') : lines
}

/** Beside the line above it, after that. */
export function outward(lines: Line[], id: string): Line[] {
  const above = find(lines, id)?.above.at(-1)
  return above ? placed(lines, id, above.id, 'after') : lines
}

/** What follows a line's branch written out as lines of its own, so that they can be ordered and taken out. */
export function writtenOut(lines: Line[], line: MenuLine, fresh: () => string): Line[] {
  const own = (some: readonly MenuLine[]): Line[] =>
    some.map((l) => ({ id: fresh(), link: l.link ?? undefined, follows: 0, beneath: own(l.beneath) }))
  return mapped(lines, line.id, (l) => [
    { ...l, follows: 0, beneath: [...own(line.following), ...l.beneath] },
  ])
}
