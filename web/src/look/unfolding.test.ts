// Needs no document.
import { describe, expect, it } from 'vitest'
import { unfold, type Box } from './unfolding'

const WINDOW = { width: 1280, height: 800 }

describe('a sheet', () => {
  it('lies in the window and off what it is about wherever that is, and its leader joins the two', () => {
    for (let left = 0; left <= 1200; left += 75)
      for (let top = 0; top <= 770; top += 55)
        for (const [width, height] of [
          [480, 200],
          [600, 420],
          [1180, 600],
        ] as const) {
          const about = { left, top, width: 80, height: 28 }
          const p = unfold(about, { width, height }, WINDOW)
          const told = `${left},${top} ${width}×${height} ${p.side}`
          expect(p.left >= 16 && p.left + width <= 1264 && p.top >= 16 && p.top + height <= 784, told).toBe(
            true,
          )
          const sheet = { left: p.left, top: p.top, width, height }
          if (p.side === 'over') continue
          expect(meet(sheet, about), told).toBe(false)
          expect(touches(p.leader!, sheet) && touches(p.leader!, about), told).toBe(true)
        }
  })

  it('about nothing in sight has no leader', () => {
    expect(unfold(null, { width: 600, height: 300 }, WINDOW)).toMatchObject({
      left: 340,
      top: 64,
      leader: null,
    })
  })

  it('taller than the window begins at its top, to be scrolled', () => {
    const p = unfold({ left: 20, top: 20, width: 50, height: 20 }, { width: 600, height: 2000 }, WINDOW)
    expect([p.top, p.most]).toEqual([16, 768])
  })
})

const meet = (a: Box, b: Box, by = 0) =>
  a.left < b.left + b.width + by &&
  b.left < a.left + a.width + by &&
  a.top < b.top + b.height + by &&
  b.top < a.top + a.height + by
const touches = (a: Box, b: Box) => meet(a, b, 0.5)
