import type { Catalog, KindInfo, TemplateInfo } from '@/api/types'
import { mayWear } from '@/kind/mayWear'
import { byPurpose, type PurposeGroup } from '@/site/byPurpose'

/** A template, and the kind that a new page would be to wear it here; none, where no kind of this place may. */
export interface Wearable {
  template: TemplateInfo
  as: KindInfo | null
}
/** What can be worn for one purpose. */
export type WearGroup = Omit<PurposeGroup, 'list'> & { list: Wearable[] }
export interface Wanted {
  words: string
  /** The key of one purpose, or `all`. */
  purpose: string
}

/** Around what visitors get where there is no page: it is for no page. */
const NOT_FOUND = 'not-found'

/**
 * All templates that are offered, by what they are for.
 *
 * @param kinds those that may be made here, the chosen one first
 */
export function wearGroups(catalog: Catalog, kinds: KindInfo[], wanted: Wanted): WearGroup[] {
  const wearable = (template: TemplateInfo): Wearable => ({
    template,
    as: kinds.find((k) => mayWear(k, template.id)) ?? null,
  })
  return byPurpose(catalog, (t) => !t.retired && t.id !== NOT_FOUND, wanted.words)
    .filter((g) => wanted.purpose === 'all' || wanted.purpose === g.key)
    .map((g) => ({ ...g, list: g.list.map(wearable) }))
}
