import type { Property, Values } from '@/api/types'

type Needs = Record<string, Property>

/**
 * What can be set of something that gathers entries: without what says nothing because they lack a field, and which fields these
 * are. What is set already stays in sight.
 *
 * @param fields those that the entries have; none where that is not known
 */
export function offeredWith(properties: Property[], needs: Needs, fields: Property[], values: Values) {
  const has = (key: string) => !fields.length || fields.some((f) => f.key === key)
  const isOffered = (key: string, set: boolean) => set || !needs[key] || has(needs[key].key)
  const offered = properties
    .filter((p) => isOffered(p.key, values[p.key] !== undefined))
    .map((p) => ({
      ...p,
      choices: p.choices.filter((c) => isOffered(`${p.key}=${c.value}`, values[p.key] === c.value)),
    }))
  const lacks = new Map(
    Object.values(needs)
      .filter((f) => !has(f.key))
      .map((f) => [f.key, f]),
  )
  return { offered, lacks: [...lacks.values()] }
}
