// Needs no document.
import { describe, expect, it } from 'vitest'
import { counted } from './counted'

describe('a number with its noun', () => {
  it.each([
    [0, '0 pages'],
    [1, '1 page'],
    [14, '14 pages'],
    [20_000, '20,000 pages'],
  ])('%i: %s', (n, words) => expect(counted(n, 'page')).toBe(words))

  it('takes a plural of its own', () => {
    expect(counted(1, 'page follows', 'pages follow')).toBe('1 page follows')
    expect(counted(3, 'page follows', 'pages follow')).toBe('3 pages follow')
  })
})
