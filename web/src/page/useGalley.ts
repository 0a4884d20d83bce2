import { inject, provide, ref, type InjectionKey, type Ref } from 'vue'
import { freshId } from '@/api/client'
import type { Command, PageDetail, PlacedSection, Value, ZoneDetail } from '@/api/types'
import { useSite } from '@/site/useSite'
import type { Sheet } from './Sheet'
import { sectionsOf } from './sectionsOf'
import { whyNotIn } from './whyNotIn'

/** Where a section is to be placed. */
export interface Spot {
  zone: string
  index: number
  after: string
}

export type Galley = ReturnType<typeof makeGalley>
const KEY: InjectionKey<Galley> = Symbol('galley')

/** What the parts of the page screen share: the sheet (and the page it is, if it is one), what is chosen and pointed at, and the way to change it. */
export function makeGalley(sheet: Ref<Sheet | null>, page: Ref<PageDetail | null>) {
  const site = useSite()
  const chosen = ref<string | null>(null)
  const pointed = ref<string | null>(null)
  const spot = ref<Spot | null>(null)
  let writing = { at: '', group: '' }

  const id = () => sheet.value?.id ?? ''

  function give(command: Command) {
    return site.give(command, id())
  }

  /** A section as the page has it; those of the template, shared ones and those on every page are written elsewhere. */
  function placed(section: string): PlacedSection | undefined {
    return sheet.value ? sectionsOf(sheet.value).find((s) => s.section.id === section) : undefined
  }

  /** Where a section is written: on this page, or where it has its home. */
  function home(section: string): { item: string; section: string } {
    const at = placed(section)
    return at ? { item: at.item, section: at.inner } : { item: id(), section }
  }

  /** Gives a command to the item in which the section is written. */
  function write(section: string, make: (at: { item: string; section: string }) => Command) {
    const at = home(section)
    return site.give(make(at), at.item)
  }

  /** Sets a property; keystrokes in one place are one step. */
  function set(section: string | null, element: string | null, key: string, value: Value | undefined) {
    const place = [section, element, key].join('/')
    if (writing.at !== place) writing = { at: place, group: freshId() }
    const at = section ? home(section) : { item: id(), section: undefined }
    const command: Command = {
      verb: 'set-value',
      ...at,
      element: element ?? undefined,
      key,
      value: value as never,
    }
    return site.give(command, at.item, writing.group)
  }

  /** Writing somewhere has ended: what comes next is a step of its own. */
  function leave() {
    writing = { at: '', group: '' }
  }

  function place(section: string): { zone: string; index: number; count: number } | null {
    for (const zone of sheet.value?.zones ?? []) {
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
    return sheet.value?.zones.find((z) => [...z.fixed, ...z.sections].some((s) => s.section.id === section))
  }

  async function move(section: string, by: number) {
    const at = place(section)
    if (!at || !sheet.value) return
    const zones = sheet.value.zones
    const zoneAt = zones.findIndex((z) => z.key === at.zone)
    const next = at.index + by
    if (next >= 0 && next < at.count)
      return give({ verb: 'move-section', item: id(), section, zone: at.zone, index: next })
    const other = zones[zoneAt + by]
    if (!other) return
    const index = by > 0 ? 0 : other.sections.length
    return give({ verb: 'move-section', item: id(), section, zone: other.key, index })
  }

  function openTray(zone: string, index: number) {
    const before = sheet.value?.zones.find((z) => z.key === zone)?.sections[index - 1]
    spot.value = { zone, index, after: before?.section.name ?? '' }
  }

  /** The tray after the chosen section, or at the end of the first zone. */
  function insertAfterChosen() {
    const at = chosen.value ? place(chosen.value) : null
    const first = sheet.value?.zones.find((z) => z.role === 'MAIN') ?? sheet.value?.zones[0]
    if (at) openTray(at.zone, at.index + 1)
    else if (first) openTray(first.key, first.sections.length)
  }

  /** Why a zone does not take a section, in words; nothing where it does. */
  function whyNot(zone: ZoneDetail, section: string): string {
    const at = placed(section)
    const kinds = at?.section.columns.flatMap((c) => c.elements.map((e) => e.kind)) ?? []
    return whyNotIn(zone, kinds, site.catalog?.elements ?? [])
  }

  async function copy(section: string) {
    const made = freshId()
    await give({ verb: 'copy-section', item: id(), section, id: made })
    chosen.value = made
  }

  return {
    sheet,
    page,
    chosen,
    pointed,
    spot,
    give,
    write,
    placed,
    isOwn,
    zoneOf,
    whyNot,
    set,
    leave,
    move,
    openTray,
    insertAfterChosen,
    copy,
    place,
    id,
  }
}

export function provideGalley(sheet: Ref<Sheet | null>, page: Ref<PageDetail | null>): Galley {
  const galley = makeGalley(sheet, page)
  provide(KEY, galley)
  return galley
}

export function useGalley(): Galley {
  const galley = inject(KEY)
  if (!galley) throw new Error('no galley around')
  return galley
}
