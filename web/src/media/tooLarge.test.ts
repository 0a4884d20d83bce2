// Needs no document.
import { describe, expect, it } from 'vitest'
import { tooLarge } from './tooLarge'

const MEGABYTE = 1024 * 1024

describe('the size of a file', () => {
  it.each([
    ['image/jpeg', 25, ''],
    ['image/jpeg', 26, '26 MB; 25 fit'],
    ['application/pdf', 60, '60 MB; 25 fit'],
    ['video/mp4', 60, ''],
    ['audio/ogg', 501, '501 MB; 500 fit'],
    ['', 30, '30 MB; 25 fit'],
  ])('%s of %i MB: “%s”', (type, size, says) => {
    expect(tooLarge({ type, size: size * MEGABYTE })).toBe(says)
  })
})
