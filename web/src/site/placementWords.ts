import type { KindDetail } from '@/api/types'
import { pagesOf } from '@/site/pagesOf'

interface Names {
  rows: Map<string, { title: string }>
  kinds: Map<string, { name: string }>
}

/** Where pages of a kind stand, in words. */
export function placementWords(kind: Pick<KindDetail, 'beneath'>, names: Names): string {
  const { where, ids } = kind.beneath
  if (where === 'ANYWHERE') return 'anywhere'
  const called =
    where === 'BENEATH_PAGES'
      ? ids.map((id) => names.rows.get(id)?.title ?? 'a page that is gone')
      : ids.map((id) => pagesOf(names.kinds.get(id)?.name ?? 'gone'))
  return `beneath ${called.join(' or ')}`
}

/** The kinds named in a setting; null where nothing is said. */
export function kindsIn(value: unknown): string[] | null {
  if (!Array.isArray(value)) return null
  return value.map((group: { kind?: unknown }) => String(group.kind ?? '')).filter(Boolean)
}
