// Needs no document.
import { describe, expect, it } from 'vitest'
import { changed, flat, given, inward, moved, outward, placed, whyNot, without, type Line } from './lines'

const line = (id: string, ...beneath: Line[]): Line => ({
  id,
  link: `page:${id}`,
  label: undefined,
  follows: 0,
  beneath,
})
const MENU = [line('visit', line('hours'), line('fees')), line('news'), line('people')]
const LEAF = { follows: 0, settings: {}, following: [], beneath: [] }
const told = (lines: Line[]): string =>
  lines.map((l) => l.id + (l.beneath.length ? `(${told(l.beneath)})` : '')).join(' ')

describe('the lines of a menu', () => {
  it.each([
    ['down', moved(MENU, 'visit', 1), 'news visit(hours fees) people'],
    ['up on the second level', moved(MENU, 'fees', -1), 'visit(fees hours) news people'],
    ['no further than the end', moved(MENU, 'people', 1), told(MENU)],
    ['beneath the one before it', inward(MENU, 'news'), 'visit(hours fees news) people'],
    ['with its own beneath it', inward(moved(MENU, 'visit', 1), 'visit'), 'news(visit(hours fees)) people'],
    ['out again', outward(MENU, 'hours'), 'visit(fees) hours news people'],
    ['before another', placed(MENU, 'people', 'visit', 'before'), 'people visit(hours fees) news'],
    [
      'after one of the second level',
      placed(MENU, 'news', 'hours', 'after'),
      'visit(hours news fees) people',
    ],
    ['nowhere beneath itself', placed(MENU, 'visit', 'hours', 'after'), told(MENU)],
    ['out of the menu, with those beneath it', without(MENU, 'visit'), 'news people'],
  ])('go %s', (_, after, order) => expect(told(after)).toBe(order))

  it('say why one can’t stand somewhere', () => {
    const deep = changed(MENU, 'hours', { beneath: [line('late')] })
    expect(whyNot(deep, 'news', 'late', 'inside')).toBe('A menu has 3 levels')
    expect(whyNot(deep, 'visit', 'news', 'inside')).toContain('lines stand beneath this one')
    expect(whyNot(changed(MENU, 'news', { follows: 1 }), 'news', 'hours', 'inside')).toContain('3 levels')
    expect(whyNot(MENU, 'hours', 'news', 'inside')).toBe('')
  })

  it('are given without what they take from their pages, and with whom they are for', () => {
    const detail = [
      {
        id: 'a',
        link: 'page:a',
        takes: 'A',
        leads: '/a',
        follows: 1,
        settings: { shownTo: 'members' },
        following: [{ ...LEAF, id: 'c', link: 'page:c', takes: 'C', leads: '/a/c' }],
        beneath: [{ ...LEAF, id: 'b', link: '/b', label: 'B', takes: '', leads: '/b' }],
      },
    ]
    expect(flat(detail).map((p) => [p.line.id, p.level, p.by])).toEqual([
      ['a', 1, null],
      ['c', 2, 'a'],
      ['b', 2, null],
    ])
    expect(changed(given(detail), 'b', { label: 'Bee' })).toEqual([
      {
        id: 'a',
        link: 'page:a',
        label: undefined,
        follows: 1,
        settings: { shownTo: 'members' },
        beneath: [{ id: 'b', link: '/b', label: 'Bee', follows: 0, settings: {}, beneath: [] }],
      },
    ])
  })
})
