/** A made-up site’s releases, as the server tells of them. */
export const entry = (item: string, name: string, fate = 'CHANGED', sort = 'PAGE') => ({
  item,
  name,
  fate,
  sort,
  says: ['title'],
  needs: item === 'hours' ? ['visit'] : [],
  reaches: 1,
  pages: sort === 'PAGE' ? [item] : [],
})
const change = (entries: ReturnType<typeof entry>[], more: object = {}) => ({
  key: entries[0]!.item,
  name: entries[0]!.name,
  says: ['title'],
  who: [],
  by: ['Maja'],
  mine: true,
  mustFix: 0,
  redirects: 0,
  menus: false,
  reaches: entries.length,
  pages: entries.flatMap((e) => e.pages),
  entries,
  ...more,
})
export const CHANGES = [
  change([entry('visit', 'Visit'), entry('night', 'Night')], {
    name: 'Visit, put in a new order',
    redirects: 4,
    menus: true,
  }),
  change([entry('hours', 'Opening times', 'NEW')], { by: ['Tomás'], mine: false, mustFix: 1 }),
  change([entry('main', 'Main', 'CHANGED', 'MENU')]),
]
export const SET = change([entry('camp', 'Camping')], { setFor: '2027-12-04T08:00' })
export const ASKED = {
  id: 'a1',
  by: 'Tomás',
  mine: false,
  at: '2026-11-20T10:00:00Z',
  word: 'before Friday',
  items: ['hours'],
}
export const LOG = [
  { number: 3, note: 'Back to release 1', changes: 3, who: 'Maja', at: '2026-11-20T10:00:00Z', backTo: 1 },
  {
    number: 2,
    note: 'Winter',
    changes: 3,
    who: 'Maja',
    at: '2026-11-10T12:13:00Z',
    due: '2026-11-10T08:00:00Z',
  },
  { number: 1, note: '', changes: 49, who: 'Maja', at: '2026-10-01T10:00:00Z' },
]
export const PLANNED = {
  id: 'p1',
  changes: 2,
  when: {
    wanted: '2027-12-04T08:00',
    clock: '2027-12-04T08:00',
    at: '2027-12-04T08:00:00Z',
    by: 'Maja',
    note: '',
  },
  entries: [entry('camp', 'Camping')],
  holds: {
    since: ['Camping'],
    newer: [],
    missing: ['“Roof” is not on the site, and what was chosen needs it.'],
    overdue: true,
  },
}
export const NEWS = {
  standing: { id: 'moor', step: 9, release: 3, shaped: 1 },
  plan: { step: 9, whole: false, rows: [] },
}
export const STILL = {
  notes: [],
  through: 0,
  findings: [],
  sitemap: { now: 58, then: 58, comes: [], goes: [], changed: 0 },
  mended: 0,
}
export const finding = (severity: string, says: string, fresh = false) => ({
  name: 'Visit',
  fresh,
  finding: { severity, says, mends: [] },
})

export type Body = { items: string[]; note?: string; word?: string; wanted?: string }
