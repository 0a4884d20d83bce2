import type { SiteName, TeamMember } from '@/api/types'

/** What people may do, each beside what stands before it. */
export const STOPS = [
  { key: 'write', head: 'writes pages', says: 'writes pages' },
  { key: 'shape', head: 'shapes, releases', says: 'shapes the site and releases it' },
  { key: 'own', head: 'sites, people', says: 'makes sites and people' },
] as const

/** How many of the stops somebody reaches. */
export type Reach = 1 | 2 | 3

export interface Lane {
  key: string
  role: string
  where: string
  reach: Reach
}

const SEATS = { EDITOR: ['editor', 1], MANAGER: ['manager', 2] } as const

/** What somebody is, a line for each site. */
export function lanes(person: TeamMember, sites: SiteName[]): Lane[] {
  if (person.owner) return [{ key: '', role: 'owner', where: 'of every site', reach: 3 }]
  return sites.flatMap((s) => {
    const seat = person.seats[s.id]
    if (!seat) return []
    const [role, reach] = SEATS[seat]
    return [{ key: s.id, role, where: `of ${s.name}`, reach }]
  })
}
