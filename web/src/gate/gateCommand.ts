import type { Command, GateTold, GroupInfo, Value } from '@/api/types'
import { groupIds } from '@/property/values'
import { whoWords } from './gates'

/** For whom something is, and what whoever may not is told. */
export interface Wanted {
  /** Empty to leave it to what stands above. */
  who: string
  groups: string[]
  hidden: boolean
}

/** Whom it is for, in a word or two. */
export const wantedWords = (wanted: Wanted, groups: GroupInfo[]) =>
  whoWords({ who: wanted.who.toUpperCase() as GateTold['who'], groups: wanted.groups }, groups)

/** Whether it says all that it must: some groups are none while none is chosen. */
export const isWhole = (wanted: Wanted) => wanted.who !== 'groups' || wanted.groups.length > 0

/** What stands with a kind, or with the site; nobody in particular where nothing does. */
export function wantedOf(values: Record<string, Value | undefined>, otherwise = ''): Wanted {
  const who = String(values.gate ?? otherwise)
  return {
    who: who === 'above' ? otherwise : who,
    groups: groupIds(values.gateGroups),
    hidden: values.gateOthers === 'hidden',
  }
}

export const gateCommand = (item: string, wanted: Wanted): Command => ({
  verb: 'set-gate',
  items: [item],
  who: wanted.who || undefined,
  groups: wanted.who === 'groups' ? wanted.groups : [],
  hidden: wanted.hidden,
})
