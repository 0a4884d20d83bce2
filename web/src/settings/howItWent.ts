import type { TellingState } from '@/api/types'
import { counted } from '@/words/counted'

const when = (instant: string) =>
  new Date(instant).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  })

/**
 * How search engines were told of changes, and what comes; empty where that is nothing.
 *
 * @param asked whether the working copy asks for it
 */
export function howItWent(asked: boolean, state: TellingState): string {
  const { host, says, nextAt, at } = state
  if (asked && !state.tells) return `It begins with the next release: ${host} is told all addresses then.`
  if (!state.tells) return ''
  if (!asked) return 'It ends with the next release.'
  const again = nextAt ? ` It is tried again at ${when(nextAt)}.` : ''
  if (says) return `${host} can’t be told: ${says}.${again}`
  if (state.waits) return `${host} is being told.`
  return at ? `${host} was told ${counted(state.addresses, 'address', 'addresses')} on ${when(at)}.` : ''
}
