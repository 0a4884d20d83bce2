// Needs no document.
import { expect, it } from 'vitest'
import type { Catalog, Property } from '@/api/types'
import { summed } from './summed'

const property = (key: string, type: string, more: object = {}) =>
  ({ key, label: key === 'limit' ? 'At most' : key, type, choices: [], ...more }) as unknown as Property
const listing = {
  summary: ['kind', 'which', 'limit'],
  properties: [
    property('kind', 'KIND'),
    property('which', 'CHOICE', {
      choices: [{ value: 'coming', label: 'Those to come' }],
      fallback: 'coming',
    }),
    property('limit', 'NUMBER', { fallback: 6 }),
  ],
} as unknown as Catalog['elements'][number]
const kinds = (id: string) => (id === 'night' ? 'Open night' : undefined)

it.each([
  [{ kind: 'night', limit: 3 }, 'Open night: those to come, at most 3'],
  [{ kind: 'night' }, 'Open night: those to come, at most 6'],
  [{}, 'a kind to be chosen: those to come, at most 6'],
])('%j: %s', (values, words) => expect(summed(listing, values, kinds)).toBe(words))

it('says nothing of what has nothing to sum up', () => {
  expect(summed({ ...listing, summary: [] }, {}, kinds)).toBe('')
  expect(summed(undefined, {}, kinds)).toBe('')
})
