import type { Catalog, Property, Values } from '@/api/types'
import { allHeld, held, isToFill, matters } from '@/property/values'

type Element = Catalog['elements'][number]

/** What an element shows, in a line: the first of what sums it up, then the others. A choice that leads the line is said where it is not the usual one. */
export function summed(
  info: Element | undefined,
  values: Values,
  kindName: (id: string) => string | undefined,
): string {
  const all = allHeld(info?.properties ?? [], values)
  const said = (info?.summary ?? [])
    .map((key) => info!.properties.find((p) => p.key === key))
    .filter((p) => p !== undefined && matters(p, all)) as Property[]
  const lead = said[0]
  const usual = lead?.type === 'CHOICE' && held(lead, values) === lead.fallback
  const [first, ...others] = (usual ? said.slice(1) : said)
    .filter((p, i) => i === 0 || p.type !== 'KIND' || all[p.key])
    .map((p) => told(p, all[p.key], kindName))
  return first ? [first, others.filter(Boolean).join(', ')].filter(Boolean).join(': ') : ''
}

function told(property: Property, value: unknown, kindName: (id: string) => string | undefined): string {
  if (isToFill(value)) return value.toFill
  const words = String(value ?? '')
  if (property.type === 'KIND') return kindName(words) ?? 'a kind to be chosen'
  if (property.type === 'CHOICE')
    return property.choices.find((c) => c.value === words)?.label.toLowerCase() ?? ''
  return words && `${property.label.toLowerCase()} ${words}`
}
