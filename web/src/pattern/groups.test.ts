// Needs no document.
import { describe, expect, it } from 'vitest'
import type { PatternInfo } from '@/api/types'
import { grouped, moved, named } from './groups'

const of = (id: string, group: string, note = '') => ({ id, name: id, group, note }) as PatternInfo
const ALL = [of('Call', 'Calls'), of('Élan', 'Voices', 'What somebody says'), of('Notice', 'Calls')]

describe('the groups of patterns', () => {
  it('stand in their order, without those in which nothing is left', () => {
    const groups = grouped(ALL, ['Voices', 'Pictures', 'Calls'])
    expect(groups.map((g) => `${g.name}: ${g.patterns.map((p) => p.id).join()}`)).toEqual([
      'Voices: Élan',
      'Calls: Call,Notice',
    ])
  })

  it.each([
    ['elan', ['Élan']],
    ['somebody SAYS', ['Élan']],
    ['calls', ['Call', 'Notice']],
    ['calls not', ['Notice']],
    ['', ['Call', 'Élan', 'Notice']],
  ])('are searched for %s by name, group and purpose', (words, found) => {
    expect(ALL.filter((p) => named(p, words)).map((p) => p.id)).toEqual(found)
  })

  it('move by one, and stay where they can move no further', () => {
    const order = ['a', 'b', 'c']
    expect(moved(order, 'a', 1)).toEqual(['b', 'a', 'c'])
    expect(moved(moved(order, 'b', -1), 'b', 1)).toEqual(order)
    expect(moved(order, 'a', -1)).toEqual(order)
    expect(moved(order, 'c', 1)).toEqual(order)
    expect(moved(order, 'x', 1)).toEqual(order)
  })
})
