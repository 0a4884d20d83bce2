// Needs no document.
import { describe, expect, it } from 'vitest'
import { LEAST, moved, shaped, WHOLE, type CutBox, type Grip } from './cutBox'

const GRIPS: Grip[] = ['move', 'nw', 'ne', 'sw', 'se']
const within = (b: CutBox) =>
  b.left >= 0 &&
  b.top >= 0 &&
  b.left + b.wide <= 100 &&
  b.top + b.high <= 100 &&
  b.wide >= LEAST &&
  b.high >= LEAST

/** A small generator of its own, so that a failure can be repeated. */
function numbers(seed: number) {
  let at = seed
  return (low: number, high: number) => {
    at = (at * 1103515245 + 12345) % 2147483648
    return low + Math.floor((at / 2147483648) * (high - low + 1))
  }
}

describe('the part of a picture', () => {
  it('moves without changing its size', () => {
    const box = { left: 10, top: 20, wide: 40, high: 30 }
    expect(moved(box, 'move', 5, -7)).toEqual({ left: 15, top: 13, wide: 40, high: 30 })
    expect(moved(box, 'move', 500, -500)).toEqual({ left: 60, top: 0, wide: 40, high: 30 })
  })

  it('is drawn by its corners, and the opposite corner stays', () => {
    const box = { left: 10, top: 20, wide: 40, high: 30 }
    expect(moved(box, 'se', 10, 10)).toEqual({ left: 10, top: 20, wide: 50, high: 40 })
    expect(moved(box, 'nw', 10, 10)).toEqual({ left: 20, top: 30, wide: 30, high: 20 })
    expect(moved(box, 'ne', -200, 200)).toEqual({ left: 10, top: 45, wide: LEAST, high: LEAST })
  })

  it('keeps a proportion where one is asked', () => {
    expect(moved(WHOLE, 'se', -50, 0, 2)).toEqual({ left: 0, top: 0, wide: 50, high: 25 })
    expect(shaped(WHOLE, 2)).toEqual({ left: 0, top: 25, wide: 100, high: 50 })
    expect(shaped({ left: 80, top: 0, wide: 20, high: 20 }, 0.5)).toEqual({
      left: 50,
      top: 0,
      wide: 50,
      high: 100,
    })
  })

  it('never leaves the picture, whatever is done to it', () => {
    const next = numbers(7)
    let box = WHOLE
    for (let i = 0; i < 2000; i++) {
      const ratio = next(0, 2) === 0 ? next(2, 40) / 10 : undefined
      box =
        next(0, 9) === 0
          ? shaped(box, next(2, 40) / 10)
          : moved(box, GRIPS[next(0, 4)]!, next(-120, 120), next(-120, 120), ratio)
      expect(within(box), JSON.stringify(box)).toBe(true)
    }
  })
})
