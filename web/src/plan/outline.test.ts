// Needs no document.
import { describe, expect, it } from 'vitest'
import { row as moorRow } from '@/test/moor'
import { childrenOf, keyMove, outline } from './outline'

const row = (id: string, parent?: string) => moorRow(id, { parent, title: `Page ${id}` })

//  a
//  b
//    b1
//      b1x
//    b2
//  c
const order = ['a', 'b', 'b1', 'b1x', 'b2', 'c']
const rows = new Map(
  [row('a'), row('b'), row('b1', 'b'), row('b1x', 'b1'), row('b2', 'b'), row('c')].map((r) => [r.id, r]),
)
const ids = (wanted: Parameters<typeof outline>[2]) => outline(order, rows, wanted).map((l) => l.row.id)

describe('the outline', () => {
  it('shows all rows in order, with their depth', () => {
    expect(ids({ folded: new Set() })).toEqual(order)
    expect(outline(order, rows, { folded: new Set() }).map((l) => l.depth)).toEqual([0, 0, 1, 2, 1, 0])
  })

  it('leaves out what is beneath a folded row', () => {
    expect(ids({ folded: new Set(['b']) })).toEqual(['a', 'b', 'c'])
    expect(outline(order, rows, { folded: new Set(['b']) })[1]).toMatchObject({ children: 2, open: false })
  })

  it('lists what a filter keeps, folded or not', () => {
    expect(ids({ folded: new Set(['b']), keep: (r) => r.title.includes('b1') })).toEqual(['b1', 'b1x'])
  })

  it('stands a page whose parent is gone at the top', () => {
    const lost = new Map(rows)
    lost.delete('b1')
    expect(childrenOf(order, lost).get('')).toEqual(['a', 'b', 'b1x', 'c'])
  })
})

describe('moving by keys', () => {
  const move = (id: string, direction: 'up' | 'down' | 'in' | 'out') => keyMove(id, direction, order, rows)

  it('goes up and down among neighbours', () => {
    expect(move('c', 'up')).toEqual({ parent: null, before: 'b' })
    expect(move('a', 'down')).toEqual({ parent: null, before: 'c' })
    expect(move('b', 'down')).toEqual({ parent: null, before: null })
  })

  it('goes in beneath the one above, and out after its parent', () => {
    expect(move('b2', 'in')).toEqual({ parent: 'b1', before: null })
    expect(move('b2', 'out')).toEqual({ parent: null, before: 'c' })
    expect(move('b1x', 'out')).toEqual({ parent: 'b', before: 'b2' })
  })

  it('says when it can go no further', () => {
    expect(move('a', 'up')).toBeNull()
    expect(move('c', 'down')).toBeNull()
    expect(move('a', 'in')).toBeNull()
    expect(move('a', 'out')).toBeNull()
    expect(move('nothing', 'up')).toBeNull()
  })
})
