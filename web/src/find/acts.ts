import type { Router } from 'vue-router'
import type { useSession } from '@/session/useSession'
import type { useSite } from '@/site/useSite'
import type { useTurning } from '@/site/useTurning'
import type { Entry } from './entry'

interface Hands {
  site: ReturnType<typeof useSite>
  session: ReturnType<typeof useSession>
  turn: ReturnType<typeof useTurning>['turn']
  router: Router
  /** The page that is open or chosen. */
  page: string | null
  keys: () => void
  leave: () => unknown
}
type Act = Omit<Entry, 'group'> & { for?: 'managers' | 'owners' | 'both' }

const ACTS: Act[] = [
  { id: 'new', name: 'Make a page', locator: 'Plan', also: 'new add create page', to: { name: 'new' } },
  {
    id: 'several',
    name: 'Make several pages at once',
    locator: 'Plan',
    also: 'new add list of names',
    to: { name: 'new', query: { several: '1' } },
  },
  {
    id: 'release',
    name: 'Release changes',
    locator: 'Releases',
    also: 'publish go live send out put online deploy',
    to: { name: 'releases' },
  },
  {
    id: 'return',
    name: 'Return to an earlier release',
    locator: 'Releases',
    also: 'roll back revert restore history log',
    to: { name: 'releases' },
  },
  {
    id: 'template',
    name: 'Make a template',
    locator: 'Templates',
    also: 'new layout',
    to: { name: 'templates' },
    for: 'managers',
  },
  {
    id: 'pattern',
    name: 'Make a pattern',
    locator: 'Patterns',
    also: 'new section block ready-made reuse',
    to: { name: 'patterns' },
    for: 'managers',
  },
  {
    id: 'kind',
    name: 'Make a kind of page',
    locator: 'Templates',
    also: 'new type fields form',
    to: { name: 'templates' },
    for: 'managers',
  },
  {
    id: 'look',
    name: 'Try another look',
    locator: 'Theme',
    also: 'design appearance style colours fonts',
    to: { name: 'theme' },
    for: 'managers',
  },
  {
    id: 'bring',
    name: 'Bring in pictures and files',
    locator: 'Media',
    also: 'upload image photo document film add',
    to: { name: 'media' },
  },
  {
    id: 'addresses',
    name: 'See what answers at an address',
    locator: 'Survey',
    also: 'redirect moved old link url path 301 404 410 gone bookmark',
    to: { name: 'survey', query: { part: 'addresses' } },
  },
  {
    id: 'sitemap',
    name: 'See the sitemap',
    locator: 'Survey',
    also: 'xml search engines',
    to: { name: 'survey', query: { part: 'sitemap' } },
  },
  {
    id: 'people',
    name: 'Invite somebody',
    locator: 'People',
    also: 'user account member editor manager role',
    to: '/-/people',
    for: 'both',
  },
  {
    id: 'record',
    name: 'See who did what',
    locator: 'Record',
    also: 'audit log',
    to: '/-/record',
    for: 'both',
  },
  {
    id: 'backup',
    name: 'Have a backup made',
    locator: 'Upkeep',
    also: 'save copy restore',
    to: '/-/upkeep',
    for: 'owners',
  },
  {
    id: 'site',
    name: 'Make another site',
    locator: 'Sites',
    also: 'new copy',
    to: '/-/new-site',
    for: 'owners',
  },
  {
    id: 'account',
    name: 'Change your password',
    locator: 'My account',
    also: 'e-mail name second step security',
    to: '/-/account',
  },
]

/** What can be done from anywhere, by whoever looks. */
export function acts(hands: Hands): Entry[] {
  const { session } = hands
  const may = {
    managers: session.manager,
    owners: !!session.person?.owner,
    both: session.manager || !!session.person?.owner,
  }
  return [...ofPage(hands), ...turns(hands), ...ACTS.filter((a) => !a.for || may[a.for]), ...own(hands)].map(
    (a) => ({
      ...a,
      id: `act-${a.id}`,
      group: 'What you can do',
    }),
  )
}

function ofPage({ page, site }: Hands): Act[] {
  const row = page ? site.rows.get(page) : undefined
  if (!row) return []
  const locator = row.address
  return [
    { id: 'open', name: `Open “${row.title}”`, locator, to: { name: 'page', params: { page: row.id } } },
    {
      id: 'beneath',
      name: `Make a page beneath “${row.title}”`,
      locator,
      also: 'new add child',
      to: { name: 'new', query: { parent: row.id } },
    },
  ]
}

function turns({ site, turn }: Hands): Act[] {
  const { undo, redo } = site.standing ?? {}
  return [
    ...(undo
      ? [
          {
            id: 'undo',
            name: `Undo “${undo}”`,
            locator: 'Ctrl Z',
            also: 'take back',
            act: () => turn('undo'),
          },
        ]
      : []),
    ...(redo
      ? [
          {
            id: 'redo',
            name: `Redo “${redo}”`,
            locator: 'Ctrl Shift Z',
            act: () => turn('redo'),
          },
        ]
      : []),
  ]
}

function own({ site, session, keys, leave }: Hands): Act[] {
  const live = { id: 'live', name: 'See the live site', locator: 'new window', also: 'open visit view' }
  return [
    { ...live, act: () => window.open(`${site.standing?.origin}/`, '_blank', 'noopener') },
    { id: 'keys', name: 'See the keys', locator: '?', also: 'keyboard shortcuts letters', act: keys },
    ...(session.manager
      ? [
          {
            id: 'as-editor',
            name: 'See as an editor',
            locator: 'this window',
            act: () => session.seeAsEditor(true),
          },
        ]
      : []),
    { id: 'out', name: 'Sign out', locator: '', also: 'log off leave', act: leave },
  ]
}
