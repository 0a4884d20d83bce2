import type { RecordLine } from '@/api/types'
import { counted } from '@/words/counted'

const membersOf = (l: RecordLine) => `${counted(Number(l.detail ?? 1), 'member')} of ${l.site}`

/** What a line of the record says, after whoever did it. */
const WORDS: Record<RecordLine['deed'], (line: RecordLine) => string> = {
  SET_UP: () => 'set this installation up',
  SIGNED_IN: () => 'signed in',
  SIGN_IN_FAILED: (l) =>
    `failed to sign in${l.about ? ` as ${l.about}` : ''}${l.detail ? ` (${l.detail})` : ''}`,
  SIGNED_OUT: () => 'signed out',
  SESSIONS_ENDED: () => 'ended sessions',
  INVITED: (l) => `invited ${l.about}`,
  CAME: () => 'came in by an invitation',
  SEAT_GIVEN: (l) => `made ${l.about} ${l.detail === 'MANAGER' ? 'a manager' : 'an editor'} of ${l.site}`,
  SEAT_TAKEN: (l) => `took ${l.about} away from ${l.site}`,
  OWNER_MADE: (l) => `made ${l.about} an owner`,
  OWNER_UNMADE: (l) => `made ${l.about} an owner no longer`,
  DEACTIVATED: (l) => `deactivated ${l.about}`,
  MEMBER_INVITED: (l) => `invited a member to ${l.site}`,
  MEMBER_APPROVED: (l) => `let ${membersOf(l)} in`,
  MEMBER_REGROUPED: (l) => `changed the groups of ${membersOf(l)}`,
  MEMBER_DESCRIBED: (l) => `changed what is kept of ${membersOf(l)}`,
  MEMBER_DEACTIVATED: (l) => `deactivated ${membersOf(l)}`,
  MEMBER_BROUGHT_BACK: (l) => `brought ${membersOf(l)} back`,
  MEMBER_REMOVED: (l) => `removed ${membersOf(l)}`,
  MEMBER_LEFT: (l) => `let a member of ${l.site} go, who left`,
  MEMBERS_READ: (l) => `read ${membersOf(l)} from a table`,
  LETTER_SENT: (l) => `sent the letter “${l.detail}”`,
  LETTER_REMOVED: (l) => `removed the letter “${l.detail}”`,
  SUBSCRIBERS_BROUGHT: (l) => `brought in ${counted(Number(l.detail), 'subscriber')}`,
  SUBSCRIBERS_REMOVED: (l) => `removed ${counted(Number(l.detail), 'subscriber')} for good`,
  ANSWERS_REMOVED: (l) => `removed ${counted(Number(l.detail), 'answer')} of visitors for good`,
  RATINGS_CLEARED: () => 'cleared the ratings of a page',
  HOOK_HOST_ALLOWED: (l) => `allowed answers to be handed on to ${l.detail}`,
  HOOK_HOST_BARRED: (l) => `allowed answers to be handed on to ${l.detail} no longer`,
  BROUGHT_BACK: (l) => `brought ${l.about} back`,
  ERASED: () => 'erased somebody’s name and address',
  NAME_CHANGED: () => 'changed their name',
  ADDRESS_CHANGED: () => 'changed their address',
  PASSWORD_CHANGED: () => 'set a new password',
  PASSWORD_LINK: (l) => `asked for a link for a new password of ${l.about}`,
  SECOND_STEP_BEGUN: () => 'turned their second step on',
  SECOND_STEP_ENDED: () => 'took their second step away',
  SECOND_STEP_ASKED: (l) =>
    l.detail === 'asked' ? 'asked a second step of everybody' : 'asked a second step of nobody any more',
  SITE_MADE: (l) => `made the site ${l.site}`,
  MAY_GIVE: (l) => `let ${l.about} give to all sites`,
  MAY_NOT_GIVE: (l) => `let ${l.about} give to all sites no longer`,
  GIVEN_TO_ALL: (l) => `gave “${l.detail}” of ${l.site} to all sites`,
  TAKEN_FROM_LIBRARY: (l) => `took “${l.detail}” from the library into ${l.site}`,
  PACK_SAVED: (l) => `saved “${l.detail}” of ${l.site} as a pack`,
  PACK_READ: (l) => `brought the pack “${l.detail}” into ${l.site}`,
  HOSTS_SET: (l) => `gave ${l.site} the host names ${l.detail}`,
  DELIVERY_SET: (l) => `said where “${l.detail}” of ${l.site} is delivered`,
  DELIVERY_REMOVED: (l) => `removed the delivery “${l.detail}” of ${l.site}`,
  SITE_RETIRED: (l) => `retired the site ${l.site}`,
  SITE_BROUGHT_BACK: (l) => `brought the site ${l.site} back`,
  SITE_REMOVED: (l) => `removed the site ${l.detail} for good`,
  BACKUP_MADE: (l) => `made the backup ${l.detail}`,
  BACKUP_RESTORED: (l) => `restored the backup of ${l.detail}`,
  BACKUPS_SCHEDULED: (l) => `had backups made by themselves: ${l.detail}`,
  FILES_REMOVED: (l) => `removed ${l.detail} that nobody used`,
  RELEASE_SET: (l) => `set a release of ${l.site} for ${l.detail}`,
  RELEASE_CANCELLED: (l) => `cancelled a release of ${l.site} that was set for ${l.detail}`,
  RELEASED: (l) => `released ${l.site} (release ${l.detail})`,
}

/** Who did it, where nobody was signed in. */
const NOBODY: Record<string, string> = {
  'the server': 'The server',
  'command line': 'Somebody at the server',
}

export const deedWords = (line: RecordLine) =>
  `${line.who ?? NOBODY[line.origin ?? ''] ?? 'Somebody'} ${WORDS[line.deed](line)}`

/** What the record can be narrowed down to. */
export const DEEDS = [
  { value: '', title: 'everything' },
  { value: 'SIGNED_IN', title: 'signing in' },
  { value: 'SIGN_IN_FAILED', title: 'failed sign-ins' },
  { value: 'INVITED', title: 'invitations' },
  { value: 'SEAT_GIVEN', title: 'roles given' },
  { value: 'SEAT_TAKEN', title: 'roles taken' },
  { value: 'DEACTIVATED', title: 'deactivations' },
  { value: 'PASSWORD_CHANGED', title: 'new passwords' },
  { value: 'RELEASED', title: 'releases' },
  { value: 'HOSTS_SET', title: 'host names' },
  { value: 'BACKUP_MADE', title: 'backups' },
  { value: 'PACK_READ', title: 'packs brought in' },
  { value: 'PACK_SAVED', title: 'packs saved' },
]
