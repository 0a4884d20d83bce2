import type { MenuLine } from '@/api/types'

export interface Line {
  id: string
  link: string
  label?: string
  beneath: Line[]
}
export interface Placed {
  line: MenuLine
  /** The line above it, on the second level. */
  above: string | null
  first: boolean
  last: boolean
}
export type Where = 'before' | 'inside' | 'after'

/** Every line, each before the ones beneath it. */
export function flat(lines: MenuLine[], above: string | null = null): Placed[] {
  return lines.flatMap((line, i) => [
    { line, above, first: i === 0, last: i === lines.length - 1 },
    ...flat(line.beneath, line.id),
  ])
}

/** As they are given: what a line takes from its page is left out. */
export const given = (lines: readonly MenuLine[]): Line[] =>
  lines.map(({ id, link, label, beneath }) => ({
    id,
    link,
    label: label || undefined,
    beneath: given(beneath),
  }))

const mapped = (lines: Line[], id: string, change: (line: Line) => Line[]): Line[] =>
  lines.flatMap((l) => (l.id === id ? change(l) : [{ ...l, beneath: mapped(l.beneath, id, change) }]))

const find = (lines: Line[], id: string): Line | undefined =>
  lines.find((l) => l.id === id) ?? lines.flatMap((l) => l.beneath).find((l) => l.id === id)

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
  const line = find(lines, id)
  const second = !lines.some((l) => l.id === over)
  if (!line || id === over || line.beneath.some((l) => l.id === over))
    return 'A line can’t stand beneath itself'
  if (where === 'inside' && second) return 'A menu has two levels'
  return line.beneath.length && (second || where === 'inside')
    ? 'A menu has two levels, and lines stand beneath this one'
    : ''
}

/** Put before, after or beneath another; the lines as they were where it may not stand there. */
export function placed(lines: Line[], id: string, over: string, where: Where): Line[] {
  const line = find(lines, id)
  if (!line || whyNot(lines, id, over, where)) return lines
  return mapped(without(lines, id), over, (at) => {
    if (where === 'inside') return [{ ...at, beneath: [...at.beneath, line] }]
    return where === 'before' ? [line, at] : [at, line]
  })
}

/** Beneath the line before it. */
export function inward(lines: Line[], id: string): Line[] {
  const before = lines[lines.findIndex((l) => l.id === id) - 1]
  return before ? placed(lines, id, before.id, 'inside') : lines
}

/** Beside the line above it, after that. */
export function outward(lines: Line[], id: string): Line[] {
  const above = lines.find((l) => l.beneath.some((b) => b.id === id))
  return above ? placed(lines, id, above.id, 'after') : lines
}
