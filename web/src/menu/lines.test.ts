import { describe, expect, it } from 'vitest'
import { changed, flat, given, inward, moved, outward, placed, whyNot, without, type Line } from './lines'

const line = (id: string, ...beneath: Line[]): Line => ({ id, link: `page:${id}`, label: undefined, beneath })
const MENU = [line('visit', line('hours'), line('fees')), line('news'), line('people')]
const told = (lines: Line[]) =>
  lines.map((l) => l.id + (l.beneath.length ? `(${l.beneath.map((b) => b.id).join(' ')})` : '')).join(' ')

describe('the lines of a menu', () => {
  it.each([
    ['down', moved(MENU, 'visit', 1), 'news visit(hours fees) people'],
    ['up on the second level', moved(MENU, 'fees', -1), 'visit(fees hours) news people'],
    ['no further than the end', moved(MENU, 'people', 1), told(MENU)],
    ['beneath the one before it', inward(MENU, 'news'), 'visit(hours fees news) people'],
    [
      'not beneath, with lines of its own',
      inward(moved(MENU, 'visit', 1), 'visit'),
      'news visit(hours fees) people',
    ],
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
    expect(whyNot(MENU, 'news', 'hours', 'inside')).toBe('A menu has two levels')
    expect(whyNot(MENU, 'visit', 'news', 'inside')).toContain('lines stand beneath this one')
    expect(whyNot(MENU, 'hours', 'news', 'inside')).toBe('')
  })

  it('are given without what they take from their pages', () => {
    const detail = [
      {
        id: 'a',
        link: 'page:a',
        takes: 'A',
        leads: '/a',
        beneath: [{ id: 'b', link: '/b', label: 'B', takes: '', leads: '/b', beneath: [] }],
      },
    ]
    expect(flat(detail).map((p) => [p.line.id, p.above])).toEqual([
      ['a', null],
      ['b', 'a'],
    ])
    expect(changed(given(detail), 'b', { label: 'Bee' })).toEqual([
      {
        id: 'a',
        link: 'page:a',
        label: undefined,
        beneath: [{ id: 'b', link: '/b', label: 'Bee', beneath: [] }],
      },
    ])
  })
})
