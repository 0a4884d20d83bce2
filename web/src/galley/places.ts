import type { PlacedSection, ZoneDetail } from '@/api/types'
import { sectionsOf } from '@/site/sectionsOf'
import type { Sheet } from './Sheet'
import { whyNotIn } from './whyNotIn'

type Section = PlacedSection['section']

/** Where a section stands among its zone's. */
export interface Place {
  zone: string
  index: number
  count: number
}

/** Where the sections of a sheet stand, and where each is written. */
export function makePlaces(sheet: () => Sheet | null) {
  const id = () => sheet()?.id ?? ''

  /** A section as the page has it; those of the template, shared ones and those on every page are written elsewhere. */
  function placed(section: string): PlacedSection | undefined {
    const on = sheet()
    return on ? sectionsOf(on).find((s) => s.section.id === section) : undefined
  }

  /** Where a section is written: on this page, or where it has its home. */
  function home(section: string): { item: string; section: string } {
    const at = placed(section)
    return at ? { item: at.item, section: at.inner } : { item: id(), section }
  }

  function place(section: string): Place | null {
    for (const zone of sheet()?.zones ?? []) {
      const index = zone.sections.findIndex((s) => s.section.id === section)
      if (index >= 0) return { zone: zone.key, index, count: zone.sections.length }
    }
    return null
  }

  /** Whether a section is the sheet's own: written here, and nowhere else. */
  function isOwn(section: string): boolean {
    return placed(section)?.item === id()
  }

  /** The zone in which a section shows; none for what stands on every page. */
  function zoneOf(section: string): ZoneDetail | undefined {
    return sheet()?.zones.find((z) => [...z.fixed, ...z.sections].some((s) => s.section.id === section))
  }
  return { id, placed, home, place, isOwn, zoneOf }
}

/** The zone to which a section comes back from the shelf: the one it stood in, else its like, of those that take it. */
export function backTo(zones: readonly ZoneDetail[], section: Section): ZoneDetail | undefined {
  const was = section.shelvedZone ?? ''
  const kinds = section.columns.flatMap((c) => c.elements.map((e) => e.kind))
  const side = (z: ZoneDetail) => z.role === 'LEFT' || z.role === 'RIGHT'
  const near = (z: ZoneDetail) =>
    z.key === was ? 0 : side(z) && was.startsWith('side') ? 1 : z.role === 'MAIN' ? 2 : 3
  return zones.filter((z) => !whyNotIn(z, kinds, [])).sort((a, b) => near(a) - near(b))[0]
}

/** Where a section would stand a place further up (-1) or down (1): in its zone, else in the next one; null at an end. */
export function moved(zones: ZoneDetail[], at: Place, by: number): { zone: string; index: number } | null {
  const next = at.index + by
  if (next >= 0 && next < at.count) return { zone: at.zone, index: next }
  const other = zones[zones.findIndex((z) => z.key === at.zone) + by]
  return other ? { zone: other.key, index: by > 0 ? 0 : other.sections.length } : null
}
