import { describe, expect, it } from 'vitest'
import type { Property } from '@/api/types'
import { offeredWith } from './offeredWith'

const property = (key: string, ...choices: string[]) =>
  ({ key, label: key, choices: choices.map((value) => ({ value, label: value })) }) as unknown as Property
const SETTINGS = [
  property('which', 'all', 'coming'),
  property('group', 'none', 'month', 'letter'),
  property('limit'),
]
const NEEDS = { which: property('date'), 'group=month': property('date'), person: property('person') }
const told = (fields: string[], values = {}) => {
  const { offered, lacks } = offeredWith(
    SETTINGS,
    NEEDS,
    fields.map((f) => property(f)),
    values,
  )
  return [offered.map((p) => [p.key, ...p.choices.map((c) => c.value)].join(' ')), lacks.map((f) => f.key)]
}

describe('settings of what gathers', () => {
  it('are those for which the entries have the field, and say which they lack', () => {
    expect(told(['title'])).toEqual([
      ['group none letter', 'limit'],
      ['date', 'person'],
    ])
    expect(told(['date'])).toEqual([['which all coming', 'group none month letter', 'limit'], ['person']])
  })

  it('stay where they are set, and where the fields are not known', () => {
    expect(told(['title'], { which: 'coming', group: 'month' })[0]).toEqual([
      'which all coming',
      'group none month letter',
      'limit',
    ])
    expect(told([])).toEqual([['which all coming', 'group none month letter', 'limit'], []])
  })
})
