// Needs no document.
import { describe, expect, it } from 'vitest'
import type { Catalog } from '@/api/types'
import { looksAt } from './lookedAt'

const ELEMENTS = [
  { key: 'sign-in', name: 'Sign in', states: ['refused', 'sent'] },
  { key: 'join', name: 'Ask to join', states: ['sent'] },
  { key: 'text', name: 'Text', states: [] },
] as unknown as Catalog['elements']
const sheet = (...kinds: string[]) =>
  ({
    zones: [{ sections: [{ section: { columns: [{ elements: kinds.map((kind) => ({ kind })) }] } }] }],
  }) as never

describe('what is written can be looked at', () => {
  it('as those who visit, and in the states of what stands there', () => {
    expect(looksAt(sheet('text'), ELEMENTS, []).map((l) => l.words)).toEqual(['Stranger', 'Members'])
    const looks = looksAt(sheet('text', 'sign-in', 'sign-in'), ELEMENTS, [
      { id: 'crew', name: 'Crew', note: '' },
    ])
    expect(looks).toEqual([
      { query: 'as=stranger', words: 'Stranger' },
      { query: 'as=crew', words: 'Crew' },
      { query: 'state=sign-in:refused', words: 'Sign in: refused' },
      { query: 'state=sign-in:sent', words: 'Sign in: a letter is on its way' },
    ])
  })
})
