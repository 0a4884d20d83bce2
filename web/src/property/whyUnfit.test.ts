// Needs no document.
import { expect, it } from 'vitest'
import type { Property } from '@/api/types'
import { newField } from './fields'
import { whyUnfit } from './whyUnfit'

const field = (part: Partial<Property>): Property => ({ ...newField('Span', '', []), ...part })
const number = field({ type: 'NUMBER', range: { min: 1, max: 50 }, unit: 'cm' })
const lines = field({
  type: 'LINES',
  line: { pattern: '[a-z]+(\\.[a-z]+)*', wrong: 'is no host name.', fix: 'Give one.' },
})

it.each([
  [number, '', ''],
  [number, '12.5', ''],
  [number, '1', ''],
  [number, '51', 'from 1 to 50 cm'],
  [number, 'a few', 'not a number'],
  [field({ type: 'NUMBER', range: { max: 3 } }), '-400', ''],
  [field({ type: 'NUMBER', range: { max: 3 } }), '4', 'to be at most 3;'],
  [field({ type: 'NUMBER', range: { min: 3 } }), '2', 'to be at least 3;'],
  [field({}), 'x'.repeat(2000), ''],
  [field({}), 'x'.repeat(2001), '2001 characters; 2000 fit'],
  [field({ type: 'LINES', range: { min: 0, max: 10 } }), 'eleven signs', '12 characters; 10 fit'],
  [lines, 'video.example\n\n  sound.example ', ''],
  [lines, 'video.example\nhttps://x', 'Line 2: “https://x” is no host name. Give one. It is not kept yet.'],
  [field({ type: 'DATE' }), '2026-11-23', ''],
])('says why words don’t fit', (property, words, why) => {
  if (why) expect(whyUnfit(property, words)).toContain(why)
  else expect(whyUnfit(property, words)).toBe('')
})
