import type { PatternInfo } from '@/api/types'
import { fold } from '@/words/fold'

/** A group with its patterns. */
export interface Grouped {
  name: string
  patterns: PatternInfo[]
}

/** Patterns by group, in the order of the groups; those groups alone in which something is left to show. */
export function grouped(patterns: readonly PatternInfo[], order: readonly string[]): Grouped[] {
  return order
    .map((name) => ({ name, patterns: patterns.filter((p) => p.group === name) }))
    .filter((g) => g.patterns.length)
}

/** Whether a pattern is called so, or is for that. */
export function named(pattern: PatternInfo, words: string): boolean {
  const has = fold(`${pattern.name} ${pattern.group} ${pattern.note}`)
  return fold(words)
    .split(/\s+/)
    .every((word) => has.includes(word))
}

/** The order with one group moved up or down; the same where it stands at the end already. */
export function moved(order: readonly string[], group: string, by: 1 | -1): string[] {
  const from = order.indexOf(group)
  const to = from + by
  if (from < 0 || to < 0 || to >= order.length) return [...order]
  const next = [...order]
  next.splice(from, 1)
  next.splice(to, 0, group)
  return next
}
