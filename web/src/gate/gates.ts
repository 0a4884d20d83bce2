import type { GateTold, GroupInfo, PlanRow } from '@/api/types'

/** What somebody meets who asks for a page. */
export type Meeting = 'opens' | 'asked' | 'refused' | 'hidden'

/** A group of visitors that has a lane: strangers, a group of members, or search engines. */
export interface Lane {
  /** As a walk is written. */
  key: string
  label: string
  robots?: boolean
}

export const STRANGER: Lane = { key: 'stranger', label: 'Stranger' }
const ROBOTS: Lane = { key: 'robots', label: 'Robots', robots: true }
const MEMBER: Lane = { key: 'member', label: 'Members' }

/** A lane each for strangers and groups; members of no group have one where there are no groups. */
export function gateLanes(groups: GroupInfo[]): Lane[] {
  const own = groups.map((g) => ({ key: g.id, label: g.name }))
  return [STRANGER, ...(own.length ? own : [MEMBER]), ROBOTS]
}

/** As the server has it too: `Gate.meets`. */
export function meets(gate: GateTold | undefined, lane: Lane): Meeting {
  if (!gate || gate.who === 'EVERYONE') return 'opens'
  const stranger = lane.key === STRANGER.key
  const lets = gate.who === 'GROUPS' ? gate.groups.includes(lane.key) : gate.who === 'MEMBERS' && !stranger
  if (lets) return 'opens'
  if (gate.hidden) return 'hidden'
  return stranger && gate.who !== 'US' ? 'asked' : 'refused'
}

export function meetsRow(row: PlanRow, lane: Lane): Meeting {
  if (lane.robots) return row.sitemap === 'in' ? 'opens' : 'refused'
  return meets(row.gate, lane)
}

export const MEETING_WORDS: Record<Meeting, string> = {
  opens: 'opens',
  asked: 'is asked to sign in',
  refused: 'is told that it isn’t for them',
  hidden: 'doesn’t learn of it',
}

/** For whom it is, in a sentence: “everyone”, “Crew and Friends”. */
export function whoWords(gate: Pick<GateTold, 'who' | 'groups'>, groups: GroupInfo[]): string {
  if (gate.who === 'GROUPS') {
    const names = gate.groups.flatMap((id) => groups.find((g) => g.id === id)?.name ?? [])
    return names.length ? new Intl.ListFormat('en').format(names) : 'nobody'
  }
  return { EVERYONE: 'everyone', MEMBERS: 'members', US: 'only us', STRANGERS: 'strangers' }[gate.who]
}

/** What a page says itself, at the end of its row; empty where it says nothing. */
export function saidHere(gate: GateTold | undefined, groups: GroupInfo[]): string {
  if (!gate || gate.source !== 'PAGE') return ''
  const who = whoWords(gate, groups)
  if (gate.who === 'EVERYONE') return 'everyone'
  return gate.hidden ? `${who}; others don’t learn of it` : who
}

/** Where a page has it from that says nothing itself. */
export function fromWords(gate: GateTold): string {
  return {
    PAGE: '',
    BRANCH: `as “${gate.from ?? ''}” above it says`,
    KIND: `as the kind ${gate.from ?? ''} says`,
    SITE: 'as the whole site is',
  }[gate.source]
}
