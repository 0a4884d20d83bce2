import type { Catalog, Property } from '@/api/types'
import { held } from '@/property/values'

type Element = Catalog['elements'][number]

/** What an element shows, in a line: the first of what sums it up, then the others. */
export function summed(
  info: Element | undefined,
  values: Record<string, unknown>,
  kindName: (id: string) => string | undefined,
): string {
  const [first, ...others] = (info?.summary ?? []).map((key) => {
    const property = info!.properties.find((p) => p.key === key)
    return property ? told(property, held(property, values as never), kindName) : ''
  })
  return first ? [first, others.filter(Boolean).join(', ')].filter(Boolean).join(': ') : ''
}

function told(property: Property, value: unknown, kindName: (id: string) => string | undefined): string {
  const words = String(value ?? '')
  if (property.type === 'KIND') return kindName(words) ?? 'a kind to be chosen'
  if (property.type === 'CHOICE')
    return property.choices.find((c) => c.value === words)?.label.toLowerCase() ?? ''
  return words && `${property.label.toLowerCase()} ${words}`
}
