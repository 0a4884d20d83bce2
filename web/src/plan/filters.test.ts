import { describe, expect, it } from 'vitest'
import { row } from '@/test/moor'
import { isOutlined } from '@/newpage/outlined'
import { askedIn, askedOf, keeping, textOf } from './filters'

const ROWS = [
  row('visit', { menus: ['main'], title: 'Äpfel' }),
  row('hours', { state: 'DRAFT', toFill: 2, following: ['main'] }),
  row('news', { state: 'CHANGED', kind: 'article', shouldFix: 1 }),
  row('old', { state: 'WITHDRAWN', mustFix: 1, template: 'wide' }),
]
const kept = (query: Record<string, string>) => {
  const keep = keeping(askedOf(query))
  return keep ? ROWS.filter(keep).map((r) => r.id) : null
}

describe('what the plan is narrowed to', () => {
  it.each([
    [{ state: 'DRAFT' }, ['hours']],
    [{ kind: 'article' }, ['news']],
    [{ template: 'wide' }, ['old']],
    [{ menu: 'main' }, ['visit', 'hours']],
    [{ menu: 'none' }, ['news', 'old']],
    [{ found: 'must' }, ['old']],
    [{ found: 'any' }, ['news', 'old']],
    [{ fill: '1' }, ['hours']],
    [{ since: '1' }, ['hours', 'news']],
    [{ words: ' apfel ' }, ['visit']],
    [{ menu: 'main', since: '1' }, ['hours']],
  ])('keeps what is all of %j', (query, ids) => expect(kept(query)).toEqual(ids))

  it('is nothing where nothing is asked, whatever else the address holds', () => {
    expect(kept({ state: '', sheet: 'home', words: '  ' })).toBeNull()
  })

  it('is the same when it is kept and taken again', () => {
    const asked = { state: 'LIVE', words: 'a & b = ü' }
    expect(askedIn(textOf(asked))).toEqual(asked)
  })
})

describe('several names', () => {
  it.each([
    ['Hours\nMap', false],
    ['  Hours\nMap', false],
    ['Hours | When [noon]', false],
    ['Hours\n  Winter', true],
    ['Hours [Article]\nMap', true],
    ['Hours [Article] | When we are open', true],
  ])('are a list with pages beneath others, or kinds: %j', (text, is) => expect(isOutlined(text)).toBe(is))
})
