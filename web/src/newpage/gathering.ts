import type { KindInfo, Property, TemplateInfo } from '@/api/types'

type Asks = TemplateInfo['asks']

/** The fields that a kind would need for what gathers it to show all that it is set to, and does not have. */
export const lackedBy = (kind: KindInfo, asks: Asks): Property[] =>
  asks.needs.filter((need) => !kind.fields.some((f) => f.key === need.key))

/** The kinds that can be gathered, the likely one first: it lacks least, has a date where one matters, and has most pages. */
export function gatherable(kinds: KindInfo[], asks: Asks): KindInfo[] {
  const lacks = (k: KindInfo) => lackedBy(k, asks).length
  return kinds
    .filter((k) => !k.retired)
    .sort((a, b) => lacks(a) - lacks(b) || Number(a.topics) - Number(b.topics) || b.pages - a.pages)
}

const points = ({ type, entries }: Property): boolean =>
  ['ENTRY', 'PAGE', 'TOPIC'].includes(type) ||
  (type === 'MANY' && entries.length === 1 && points(entries[0]!))

/** The fields by which pages name others, once each, those that name topics first for a topic and last for anything else. */
export function naming(kinds: KindInfo[], ofTopics: boolean): Property[] {
  const all = kinds.flatMap((k) => k.fields).filter(points)
  const each = [...new Map(all.map((f) => [f.key, f])).values()]
  const topics = (f: Property) => f.type === 'TOPIC' || f.entries.some((e) => e.type === 'TOPIC')
  const rank = (f: Property) => (topics(f) === ofTopics ? 0 : 2) + (f.key === 'person' ? 0 : 1)
  return each.sort((a, b) => rank(a) - rank(b))
}
