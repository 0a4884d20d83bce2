import type { Group, Property, Value, Values } from '@/api/types'

export function isToFill(value: unknown): value is { toFill: string } {
  return typeof value === 'object' && value !== null && 'toFill' in value
}

export function isBound(value: unknown): value is { bound: string } {
  return typeof value === 'object' && value !== null && 'bound' in value
}

export function textOf(value: unknown): string {
  return typeof value === 'string' ? value : typeof value === 'number' ? String(value) : ''
}

export function groupsOf(value: Value | undefined): Group[] {
  return Array.isArray(value) ? value : []
}

/** The groups of members that a setting names, by their ids. */
export const groupIds = (setting: Value | undefined): string[] =>
  groupsOf(setting).map((g) => String(g.group ?? ''))

/** A group in which one value is another, or is not there. */
export function withValue(group: Group, key: string, value: Value | undefined): Group {
  const next = { ...group }
  if (value === undefined) delete next[key]
  else next[key] = value
  return next
}

/** The value that holds: the given one, else the declared fallback. */
export function held(property: Property, values: Values): Value | undefined {
  return values[property.key] ?? property.fallback
}

/** What to show in an empty input: the prompt of a place to fill, where a bound one comes from, or nothing. */
export function promptOf(value: unknown): string {
  if (isToFill(value)) return value.toFill
  if (isBound(value)) {
    const [where, key] = value.bound.split('.')
    if (where === 'option') return `Shows the option ${key}`
    return where === 'site' ? `Shows the site’s ${key}` : `Shows this page’s ${key}`
  }
  return ''
}

/** The values that hold: those given, and where none is the declared fallbacks; nothing for what doesn't matter now. */
export function allHeld(declared: Property[], values: Values): Values {
  const all: Values = Object.fromEntries(declared.map((p) => [p.key, held(p, values)]))
  return Object.fromEntries(declared.map((p) => [p.key, matters(p, all) ? all[p.key] : undefined]))
}

/** Whether a property matters now, by its `onlyWhen`: `key` (is set), `key=value`, `key=value|value` or `key!=value`. */
export function matters(property: Property, values: Values): boolean {
  if (!property.onlyWhen) return true
  const [, key, not, wanted] = /^(\w+)(!?)=?(.*)$/.exec(property.onlyWhen) ?? []
  const given = values[key ?? ''] ?? ''
  const value = given === false && !wanted ? '' : String(given)
  if (not) return value !== '' && value !== wanted
  return wanted ? wanted.split('|').includes(value) : value !== ''
}
