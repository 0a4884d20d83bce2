import { inject, provide, ref, type InjectionKey, type Ref } from 'vue'
import type { PageDetail, ZoneDetail } from '@/api/types'
import { useSite } from '@/site/useSite'
import { makeAttending } from './attending'
import { makePlaces } from './places'
import type { Sheet } from './Sheet'
import { whyNotIn } from './whyNotIn'
import { makeWriting } from './writing'

/** Where a section is to be placed. */
export interface Spot {
  zone: string
  index: number
}

export type Galley = ReturnType<typeof makeGalley>
const KEY: InjectionKey<Galley> = Symbol('galley')

/** What the parts of the page screen share: the sheet (and the page it is, if it is one), what is chosen and pointed at, and the way to change it. */
export function makeGalley(sheet: Ref<Sheet | null>, page: Ref<PageDetail | null>) {
  const site = useSite()
  const chosen = ref<string | null>(null)
  const pointed = ref<string | null>(null)
  const places = makePlaces(() => sheet.value)
  const { place, placed } = places
  const { give, ...writing } = makeWriting(places.id, places.home)
  const attending = makeAttending(sheet, chosen, places, give)
  const tray = makeTray(sheet, () => (chosen.value ? place(chosen.value) : null))

  /** Why a zone does not take a section, in words; nothing where it does. */
  function whyNot(zone: ZoneDetail, section: string): string {
    const kinds = placed(section)?.section.columns.flatMap((c) => c.elements.map((e) => e.kind)) ?? []
    return whyNotIn(zone, kinds, site.catalog?.elements ?? [])
  }

  return { sheet, page, chosen, pointed, ...places, ...tray, ...writing, ...attending, whyNot }
}

/** The tray of patterns: open at a spot, or closed. */
function makeTray(sheet: Ref<Sheet | null>, chosen: () => { zone: string; index: number } | null) {
  const spot = ref<Spot | null>(null)
  let from: Element | null = null

  function openTray(zone: string, index: number) {
    from = document.activeElement
    spot.value = { zone, index }
  }
  /** The tray stays open, for what stands after the sections that are just placed. */
  function goOn(by: number) {
    if (spot.value) spot.value = { ...spot.value, index: spot.value.index + by }
  }
  /** Focus goes back to what opened it. */
  function closeTray() {
    spot.value = null
    if (from instanceof HTMLElement && from.isConnected) from.focus({ preventScroll: true })
  }

  /** The tray after the chosen section, or at the end of the first zone. */
  function insertAfterChosen() {
    const at = chosen()
    const first = sheet.value?.zones.find((z) => z.role === 'MAIN') ?? sheet.value?.zones[0]
    if (at) openTray(at.zone, at.index + 1)
    else if (first) openTray(first.key, first.sections.length)
  }
  return { spot, openTray, goOn, closeTray, insertAfterChosen }
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
