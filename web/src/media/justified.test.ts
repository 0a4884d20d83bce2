// Needs no document.
import { describe, expect, it } from 'vitest'
import { justified } from './justified'

describe('justified lines', () => {
  const ratios = Array.from({ length: 61 }, (_, i) => 0.3 + ((i * 37) % 30) / 10)

  it.each([320, 700, 1240, 1560])('hold each thing once and in order, and fill %i px', (room) => {
    const lines = justified(ratios, (r) => r, room, 150)
    expect(lines.flat().map((s) => s.item)).toEqual(ratios)
    lines.forEach((line, i) => {
      const wide = line.reduce((sum, s) => sum + s.width, 0) + 14 * (line.length - 1)
      expect(wide).toBeLessThanOrEqual(room)
      if (i < lines.length - 1) expect(wide).toBeGreaterThan(room - line.length - 1)
      expect(new Set(line.map((s) => s.height)).size).toBe(1)
    })
  })

  it('keep true proportions, and don’t stretch a few', () => {
    expect(justified([1.5], (r) => r, 1200, 150)).toEqual([[{ item: 1.5, width: 225, height: 150 }]])
    for (const { item, width, height } of justified([2, 1.5, 1, 3, 2], (r) => r, 900, 150).flat())
      expect(Math.abs(width / height - item)).toBeLessThan(0.03)
  })
})
