import type { LocationQuery, LocationQueryRaw } from 'vue-router'
import type { PlanRow } from '@/api/types'
import { fold } from '@/words/fold'

/** What a filter of the plan asks of a page, each by its word in the plan's address. */
export const FILTERS = ['state', 'kind', 'template', 'menu', 'found', 'fill', 'since', 'words'] as const
export type FilterKey = (typeof FILTERS)[number]
export type Asked = Partial<Record<FilterKey, string>>

export function askedOf(query: LocationQuery): Asked {
  const asked: Asked = {}
  for (const key of FILTERS) if (typeof query[key] === 'string' && query[key]) asked[key] = query[key]
  return asked
}

/** As it stands behind the question mark of the plan's address. */
export function queryOf(asked: Asked): LocationQueryRaw {
  return Object.fromEntries(Object.entries(asked).filter(([, value]) => value))
}
export const textOf = (asked: Asked) =>
  new URLSearchParams(queryOf(asked) as Record<string, string>).toString()
export function askedIn(text: string): Asked {
  return askedOf(Object.fromEntries(new URLSearchParams(text)))
}

type Test = (row: PlanRow, value: string) => boolean
const TESTS: Record<FilterKey, Test> = {
  state: (row, value) => row.state === value,
  kind: (row, value) => row.kind === value,
  template: (row, value) => row.template === value,
  menu: (row, value) =>
    value === 'none'
      ? !row.menus.length && !row.following.length
      : row.menus.includes(value) || row.following.includes(value),
  found: (row, value) =>
    value === 'must'
      ? row.mustFix > 0
      : value === 'should'
        ? row.shouldFix > 0
        : row.mustFix + row.shouldFix > 0,
  fill: (row) => row.toFill > 0,
  since: (row) => row.state === 'CHANGED' || row.state === 'DRAFT',
  words: (row, value) => fold(`${row.title} ${row.address} ${row.found}`).includes(fold(value.trim())),
}

/** Whether a page is kept: it must be all that is asked; undefined where nothing is. */
export function keeping(asked: Asked): ((row: PlanRow) => boolean) | undefined {
  const tests = Object.entries(asked).flatMap(([key, value]) => {
    const test = (TESTS as Record<string, Test>)[key]
    return test && value.trim() ? [(row: PlanRow) => test(row, value)] : []
  })
  return tests.length ? (row) => tests.every((t) => t(row)) : undefined
}
