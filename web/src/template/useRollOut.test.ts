import { describe, expect, it } from 'vitest'
import type { RollOutCell } from '@/api/types'
import { cellWords } from './cellWords'
import { asks, planned } from './useRollOut'

const cell = (state: string): RollOutCell => ({ change: 's', key: 'k', state, mine: [], theirs: [] })

describe('what is done with a cell', () => {
  it.each([
    ['FOLLOWS', undefined, 'FOLLOW'],
    ['MERGES', undefined, 'FOLLOW'],
    ['COMES', 'KEEP', 'KEEP'],
    ['GOES', 'SHELVE', 'SHELVE'],
    ['ASKS', undefined, null],
    ['ASKS', 'KEEP', 'KEEP'],
    ['DONE', 'FOLLOW', null],
    ['LEFT', 'FOLLOW', null],
  ] as const)('%s, chosen %s: %s', (state, chosen, does) => {
    expect(planned(cell(state), chosen)).toBe(does)
  })

  it('asks until somebody has chosen', () => {
    expect(asks(cell('ASKS'), undefined)).toBe(true)
    expect(asks(cell('ASKS'), 'FOLLOW')).toBe(false)
    expect(asks(cell('MERGES'), undefined)).toBe(false)
  })

  it('is told by mark and by word', () => {
    const states = ['DONE', 'FOLLOWS', 'MERGES', 'COMES', 'GOES', 'LEFT', 'ASKS']
    const said = states.map((s) => cellWords(cell(s), undefined))
    expect(new Set(said.map((w) => w.mark)).size).toBe(states.length)
    expect(new Set(said.map((w) => w.word)).size).toBe(states.length)
    expect(cellWords(cell('ASKS'), 'KEEP').word).toBe('left as adapted')
    expect(cellWords(cell('DONE'), 'KEEP').word).toBe('in step')
  })
})
