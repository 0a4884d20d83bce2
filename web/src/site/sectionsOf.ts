import type { PageDetail, PlacedSection } from '@/api/types'

/** All sections that show on a page: its own, those it shares, those of its template and those on every page. */
export function sectionsOf(page: Pick<PageDetail, 'zones' | 'everywhere'>): PlacedSection[] {
  return [...page.zones.flatMap((z) => [...z.fixed, ...z.sections]), ...page.everywhere]
}
