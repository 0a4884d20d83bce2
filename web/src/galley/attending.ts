import { ref, shallowRef, type Ref } from 'vue'
import { freshId } from '@/api/client'
import type { Command } from '@/api/types'
import { counted } from '@/words/counted'
import { moved } from './places'
import type { makePlaces } from './places'
import type { Sheet } from './Sheet'
import type { makeWriting } from './writing'

/** A section that was just taken out, with its place. */
export interface Gone {
  zone: string
  index: number
  name: string
}

/** Where focus is to stand, and what is to be said, as soon as the galley shows what an act has come to. */
export interface Attended {
  section: string | null
  /** What is written in at once: a section that was placed, or an element of it. */
  writes?: { element?: string }
  /** Focus stays where it is, because more is placed from there. */
  stays?: boolean
  says: () => string
  isThere: () => boolean
}

type Give = ReturnType<typeof makeWriting>['give']
type Places = ReturnType<typeof makePlaces>

/** Acts on whole sections. Focus comes to stand on what each has made, or beside what it took away, and it is said aloud. */
export function makeAttending(
  sheet: Ref<Sheet | null>,
  chosen: Ref<string | null>,
  places: Places,
  send: Give,
) {
  const { id, placed } = places
  /** While something is awaited, letters are no keys: whoever begins to write at once means words. */
  const attended = shallowRef<Attended | null>(null)
  const gone = ref<Gone | null>(null)
  const nameOf = (section: string) => placed(section)?.section.name

  function give(command: Command) {
    gone.value = null
    return send(command)
  }
  function attend(section: string | null, says: () => string, isThere = () => !section || !!placed(section)) {
    chosen.value = section
    attended.value = { section, says, isThere }
  }
  /** Gives what makes a place to write in; until that is there, and if it comes about, it is attended to. */
  async function made(what: Attended, command: () => ReturnType<Give>) {
    gone.value = null
    attended.value = { ...what, isThere: () => false }
    const answer = await command()
    attended.value = answer.ok ? what : null
    if (answer.ok) chosen.value = what.section
    return answer.ok
  }

  async function copy(section: string) {
    const made = freshId()
    const answer = await give({ verb: 'copy-section', item: id(), section, id: made })
    if (answer.ok) attend(made, () => `${nameOf(section)} has a copy after it.`)
  }

  const move = makeMoving(sheet, places, give, attend)
  const { put, add } = makePutting(sheet, places, send, made)
  const remove = makeRemoving(sheet, places, give, (instead, was) => {
    gone.value = was
    attend(instead, () => `${was.name} is taken out. Put it back stands in its place.`)
  })
  return { attended, gone, give, move, copy, remove, put, add }
}

function makeMoving(
  sheet: Ref<Sheet | null>,
  { id, place, placed }: Places,
  give: Give,
  attend: (section: string, says: () => string, isThere?: () => boolean) => void,
) {
  return async function move(section: string, by: number) {
    const at = place(section)
    const to = at && moved(sheet.value?.zones ?? [], at, by)
    if (!to) return at && attend(section, () => 'It can’t go further that way.')
    const answer = await give({ verb: 'move-section', item: id(), section, ...to })
    const zone = sheet.value?.zones.find((z) => z.key === to.zone)
    const isThere = () => place(section)?.zone === to.zone && place(section)?.index === to.index
    const says = () => `${placed(section)?.section.name} is number ${to.index + 1} in ${zone?.name}.`
    if (answer.ok) attend(section, says, isThere)
  }
}

/** Takes a section out; told what stands where focus may go, and what is gone. */
function makeRemoving(
  sheet: Ref<Sheet | null>,
  { id, place, placed }: Places,
  give: Give,
  taken: (beside: string | null, gone: Gone) => void,
) {
  return async function remove(section: string) {
    const at = place(section)
    if (!at) return
    const name = placed(section)?.section.name ?? ''
    const zone = sheet.value?.zones.find((z) => z.key === at.zone)
    const beside = zone?.sections[at.index + 1] ?? zone?.sections[at.index - 1]
    const answer = await give({ verb: 'remove-section', item: id(), section })
    if (answer.ok) taken(beside?.section.id ?? null, { zone: at.zone, index: at.index, name })
  }
}

interface Offered {
  pattern?: string
  shared?: string
  spans: number[]
}

/** Places what a tray offers, and elements in sections; both are written in at once. */
function makePutting(
  sheet: Ref<Sheet | null>,
  { id, placed }: Places,
  give: Give,
  made: (what: Attended, command: () => ReturnType<Give>) => Promise<boolean>,
) {
  const says = (section: string) => {
    const toFill = sheet.value?.toFill.filter((p) => p.section === section).length ?? 0
    const rest = toFill ? ` ${counted(toFill, 'place')} to fill.` : ''
    return `${placed(section)?.section.name} is placed.${rest}`
  }
  function put(spot: { zone: string; index: number }, what: Offered, stays = false) {
    const section = freshId()
    const isThere = () => !!placed(section)
    const command: Command = { verb: 'place-section', item: id(), ...spot, id: section, ...what }
    return made({ section, writes: {}, stays, says: () => says(section), isThere }, () => give(command))
  }
  function add(section: string, name: string, give: (element: string) => ReturnType<Give>) {
    const element = freshId()
    const isThere = () =>
      !!placed(section)?.section.columns.some((c) => c.elements.some((e) => e.id === element))
    return made({ section, writes: { element }, says: () => `${name} is placed.`, isThere }, () =>
      give(element),
    )
  }
  return { put, add }
}
