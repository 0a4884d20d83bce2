import type { Catalog, ZoneDetail } from '@/api/types'

/** Why a zone does not take content of these kinds of element, in words; nothing where it does. */
export function whyNotIn(
  zone: Pick<ZoneDetail, 'name' | 'accepts'>,
  kinds: readonly string[],
  known: Pick<Catalog['elements'][number], 'key' | 'name'>[],
): string {
  if (!zone.accepts.length) return ''
  const refused = [...new Set(kinds.filter((k) => !zone.accepts.includes(k)))]
  const names = refused.map((k) => (known.find((e) => e.key === k)?.name ?? k).toLowerCase())
  return names.length ? `${zone.name} takes no ${names.join(' and no ')}` : ''
}
