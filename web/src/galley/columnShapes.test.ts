// Needs no document.
import { describe, expect, it } from 'vitest'
import { COLUMN_SHAPES, shifted } from './columnShapes'

const WHOLE = 12
const sum = (spans: readonly number[]) => spans.reduce((a, b) => a + b, 0)

describe('columns', () => {
  it('are offered in shapes that fill the width, each by its own name', () => {
    for (const shape of COLUMN_SHAPES) expect(sum(shape.spans), shape.name).toBe(WHOLE)
    expect(new Set(COLUMN_SHAPES.map((s) => s.name)).size).toBe(COLUMN_SHAPES.length)
  })

  it.each([
    [[6, 6], 0, 2, [8, 4]],
    [[6, 6], 0, -2, [4, 8]],
    [[4, 4, 4], 1, 1, [4, 5, 3]],
    [[4, 4, 4], 0, 99, [7, 1, 4]],
    [[4, 4, 4], 0, -99, [1, 7, 4]],
    [[12], 0, 3, [12]],
  ])('%j with border %i moved by %i are %j', (spans, border, by, result) => {
    expect(shifted(spans, border, by)).toEqual(result)
  })

  it('keep the whole width and one twelfth each, however the border is pulled', () => {
    for (const { spans } of COLUMN_SHAPES)
      for (let border = 0; border < spans.length - 1; border++)
        for (let by = -WHOLE; by <= WHOLE; by++) {
          const next = shifted(spans, border, by)
          expect(sum(next)).toBe(WHOLE)
          expect(Math.min(...next)).toBeGreaterThan(0)
        }
  })
})
