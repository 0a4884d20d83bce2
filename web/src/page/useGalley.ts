import { inject, provide, ref, type InjectionKey, type Ref } from 'vue'
import { freshId } from '@/api/client'
import type { Command, PageDetail, Value } from '@/api/types'
import { useSite } from '@/site/useSite'

/** Where a section is to be placed. */
export interface Spot {
  zone: string
  index: number
  after: string
}

export type Galley = ReturnType<typeof makeGalley>
const KEY: InjectionKey<Galley> = Symbol('galley')

/** What the parts of the page screen share: the page, what is chosen and pointed at, and the way to change it. */
export function makeGalley(page: Ref<PageDetail | null>) {
  const site = useSite()
  const chosen = ref<string | null>(null)
  const pointed = ref<string | null>(null)
  const spot = ref<Spot | null>(null)
  let writing = { at: '', group: '' }

  const id = () => page.value?.id ?? ''

  function give(command: Command) {
    return site.give(command, id())
  }

  /** Sets a property; keystrokes in one place are one step. */
  function set(section: string | null, element: string | null, key: string, value: Value | undefined) {
    const at = [section, element, key].join('/')
    if (writing.at !== at) writing = { at, group: freshId() }
    const command: Command = {
      verb: 'set-value',
      item: id(),
      section: section ?? undefined,
      element: element ?? undefined,
      key,
      value: value as never,
    }
    return site.give(command, id(), writing.group)
  }

  /** Writing somewhere has ended: what comes next is a step of its own. */
  function leave() {
    writing = { at: '', group: '' }
  }

  function place(section: string): { zone: string; index: number; count: number } | null {
    for (const zone of page.value?.zones ?? []) {
      const index = zone.sections.findIndex((s) => s.section.id === section)
      if (index >= 0) return { zone: zone.key, index, count: zone.sections.length }
    }
    return null
  }

  async function move(section: string, by: number) {
    const at = place(section)
    if (!at || !page.value) return
    const zones = page.value.zones
    const zoneAt = zones.findIndex((z) => z.key === at.zone)
    const next = at.index + by
    if (next >= 0 && next < at.count)
      return give({ verb: 'move-section', page: id(), section, zone: at.zone, index: next })
    const other = zones[zoneAt + by]
    if (!other) return
    const index = by > 0 ? 0 : other.sections.length
    return give({ verb: 'move-section', page: id(), section, zone: other.key, index })
  }

  function openTray(zone: string, index: number) {
    const before = page.value?.zones.find((z) => z.key === zone)?.sections[index - 1]
    spot.value = { zone, index, after: before?.section.name ?? '' }
  }

  /** The tray after the chosen section, or at the end of the first zone. */
  function insertAfterChosen() {
    const at = chosen.value ? place(chosen.value) : null
    const first = page.value?.zones.find((z) => z.role === 'MAIN') ?? page.value?.zones[0]
    if (at) openTray(at.zone, at.index + 1)
    else if (first) openTray(first.key, first.sections.length)
  }

  async function copy(section: string) {
    const made = freshId()
    await give({ verb: 'copy-section', page: id(), section, id: made })
    chosen.value = made
  }

  return { page, chosen, pointed, spot, give, set, leave, move, openTray, insertAfterChosen, copy, place, id }
}

export function provideGalley(page: Ref<PageDetail | null>): Galley {
  const galley = makeGalley(page)
  provide(KEY, galley)
  return galley
}

export function useGalley(): Galley {
  const galley = inject(KEY)
  if (!galley) throw new Error('no galley around')
  return galley
}
