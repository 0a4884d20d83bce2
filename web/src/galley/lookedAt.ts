import type { Catalog, GroupInfo } from '@/api/types'
import { gateLanes } from '@/gate/gates'
import type { Sheet } from './Sheet'

/** Somebody as whom, or a state in which, what is written can be looked at. */
export interface Look {
  /** As the proof is asked for it. */
  query: string
  words: string
}

/** What an element of the members' shows, in words: after what was done there last. */
const STATES: Record<string, string> = {
  refused: 'refused',
  sent: 'a letter is on its way',
  link: 'by the link of a letter',
  in: 'signed in',
  saved: 'saved',
  done: 'done',
  waits: 'waits for one of us',
  wrong: 'something is wrong',
  taken: 'it was sent',
}

/** Visitors first, then every state of each element that has some. */
export function looksAt(
  sheet: Pick<Sheet, 'zones'>,
  elements: Catalog['elements'],
  groups: GroupInfo[],
): Look[] {
  const visitors = gateLanes(groups)
    .filter((l) => !l.robots)
    .map((l) => ({ query: `as=${l.key}`, words: l.label }))
  const kinds = new Set(
    sheet.zones
      .flatMap((z) => z.sections)
      .flatMap((placed) => placed.section.columns)
      .flatMap((c) => c.elements.map((e) => e.kind)),
  )
  const states = elements
    .filter((e) => kinds.has(e.key))
    .flatMap((e) =>
      e.states.map((s) => ({ query: `state=${e.key}:${s}`, words: `${e.name}: ${STATES[s] ?? s}` })),
    )
  return [...visitors, ...states]
}
