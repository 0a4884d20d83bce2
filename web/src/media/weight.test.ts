// Needs no document.
import { expect, it } from 'vitest'
import { weight } from './weight'

it.each([
  [0, ''],
  [-1, ''],
  [1, '1 kB'],
  [999_499, '999 kB'],
  [1_260_000, '1.3 MB'],
  [25_000_000, '25.0 MB'],
  [2_400_000_000, '2.4 GB'],
])('%i bytes are “%s”', (bytes, words) => {
  expect(weight(bytes)).toBe(words)
})
