import { expect, it } from 'vitest'
import { leavesUp, stepIn } from './walking'

const box = (left: number, top: number, width = 100) => ({
  getBoundingClientRect: () => ({ left, top, width }),
})
/** Three beside each other, two broader ones beneath. */
const [a, b, c, d, e] = [box(0, 0), box(110, 0), box(220, 0), box(0, 100, 160), box(170, 100, 150)]
const grid = [a, b, c, d, e]

it('arrows walk a grid by its rows, and leave it at its top', () => {
  expect(stepIn(grid, box(0, -50), 'ArrowDown', true)).toBe(a)
  expect(stepIn(grid, a, 'ArrowRight')).toBe(b)
  expect(stepIn(grid, a, 'ArrowLeft')).toBe(undefined)
  expect(stepIn(grid, c, 'ArrowRight')).toBe(d)
  expect(stepIn(grid, c, 'ArrowDown')).toBe(e)
  expect(stepIn(grid, d, 'ArrowUp')).toBe(a)
  expect(stepIn(grid, e, 'ArrowDown')).toBe(undefined)
  expect([stepIn(grid, e, 'Home'), stepIn(grid, a, 'End')]).toEqual([a, e])
  expect(stepIn(grid, box(0, 0), 'ArrowDown')).toBe(undefined)
  expect(grid.filter((one) => leavesUp(grid, one, 'ArrowUp'))).toEqual([a, b, c])
})
