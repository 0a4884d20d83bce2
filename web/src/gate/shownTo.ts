import type { GroupInfo, Value } from '@/api/types'
import { groupIds } from '@/property/values'
import { wantedWords } from './gateCommand'

/** To whom a section is shown, as a sentence; empty where that is everyone. */
export function shownTo(settings: Record<string, Value | undefined>, groups: GroupInfo[]): string {
  const who = String(settings.shownTo ?? 'everyone')
  if (who === 'everyone') return ''
  const chosen = groupIds(settings.shownToGroups)
  if (who === 'groups' && !chosen.length) return 'It is shown to nobody yet: no group is chosen.'
  return `It is shown to ${wantedWords({ who, groups: chosen, hidden: false }, groups)} alone.`
}
