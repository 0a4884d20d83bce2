// Needs no document.
import { describe, expect, it } from 'vitest'
import { whyNotIn } from './whyNotIn'

const known = [
  { key: 'text', name: 'Text' },
  { key: 'table', name: 'Table' },
  { key: 'film', name: 'Film' },
]
const side = { name: 'Side column', accepts: ['text'] }

describe('what a zone takes', () => {
  it('takes everything where nothing is named', () => {
    expect(whyNotIn({ name: 'Main', accepts: [] }, ['table'], known)).toBe('')
  })
  it('takes what is named', () => {
    expect(whyNotIn(side, ['text', 'text'], known)).toBe('')
    expect(whyNotIn(side, [], known)).toBe('')
  })
  it('names each kind that it refuses once', () => {
    expect(whyNotIn(side, ['table', 'text', 'film', 'table'], known)).toBe(
      'Side column takes no table and no film',
    )
  })
})
