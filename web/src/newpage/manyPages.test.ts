// Needs no document.
import { describe, expect, it } from 'vitest'
import { manyPages, onePage } from './manyPages'

describe('several pages at once', () => {
  it('are a name on each line, and what somebody searching should know after a bar or a tab', () => {
    expect(manyPages('Hours | When we are open\n\n  Way in\tBy bus | on foot \n | nothing\nMap|')).toEqual([
      { title: 'Hours', description: 'When we are open' },
      { title: 'Way in', description: 'By bus   on foot' },
      { title: 'Map' },
    ])
    expect([onePage(' This | that '), onePage('  ')]).toEqual([[{ title: 'This | that' }], []])
  })
})
