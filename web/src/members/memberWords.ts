import type { MemberRow } from '@/api/types'

/** What the state of a member says. */
export const MEMBER_STATES: Record<MemberRow['state'], { mark: string; word: string }> = {
  ASKED: { mark: '◇', word: 'wants to join' },
  UNCONFIRMED: { mark: '◇', word: 'wants to join, address not confirmed' },
  INVITED: { mark: '○', word: 'invited' },
  ACTIVE: { mark: '●', word: 'member' },
  DEACTIVATED: { mark: '–', word: 'deactivated' },
}

/** Of a member whose address is that of somebody who makes the site. */
export const APART =
  'One of the people who make this site has this address, too. The two are apart: each has a password of its own, and signs in elsewhere.'
