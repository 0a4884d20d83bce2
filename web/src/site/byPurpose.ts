import type { Catalog, KindInfo, TemplateInfo } from '@/api/types'
import { isNamed } from '@/words/named'

/** The templates for one purpose. */
export interface PurposeGroup {
  key: string
  title: string
  note: string
  list: TemplateInfo[]
}

/**
 * Templates by what they are for, in the order of the purposes; a purpose without any is left out.
 *
 * @param words what of their name, note or purpose is looked for; all without any
 */
export function byPurpose(
  catalog: Catalog | null,
  keep: (template: TemplateInfo) => boolean = (t) => !t.retired,
  words = '',
): PurposeGroup[] {
  return (catalog?.purposes ?? [])
    .map((p) => ({
      ...p,
      list: catalog!.templates.filter(
        (t) => t.purpose === p.key && keep(t) && isNamed(words.trim(), t.name, t.note, p.title),
      ),
    }))
    .filter((g) => g.list.length)
}

/** What pages of a kind are for: what the template is that they wear as usual. Empty for one without pages. */
export function purposeOf(catalog: Catalog | null | undefined, kind: KindInfo | undefined): string {
  const usual = kind && !kind.pageless ? catalog?.templates.find((t) => t.id === kind.template) : undefined
  const purpose = catalog?.purposes.find((p) => p.key === usual?.purpose)
  return purpose?.title.toLowerCase() ?? ''
}
