// Needs no document.
import { describe, expect, it, vi } from 'vitest'
import { nextTick, ref } from 'vue'
import { firstDifference } from './differing'
import { useSideBySide } from './useSideBySide'

const block = (words: string, top: number, more: object = {}) => ({
  sort: 'section',
  words,
  top,
  left: 0,
  width: 900,
  ...more,
})

describe('where drawings of a page differ', () => {
  it.each([
    ['in a part that one lacks', [[block('a', 0), block('b', 400)], [block('a', 0)]], [400, 0]],
    ['in where a part stands', [[block('a', 90, { left: 300 })], [block('a', 60)]], [90, 60]],
    ['nowhere, but for a few pixels', [[block('a', 10, { width: 904 })], [block('a', 10)]], [0, 0]],
    ['not, where there is one', [[block('a', 10)]], [0]],
  ])('%s', (_, drawings, tops) => expect(firstDifference(drawings)).toEqual(tops))
})

describe('proofs side by side', () => {
  it('open where they differ once all are drawn, and are scrolled together from there', async () => {
    const shown = ref(['a', 'b'])
    const { hold, told, scrolled, differ } = useSideBySide(shown)
    const [a, b] = [vi.fn(), vi.fn()]
    hold('a')({ send: a })
    hold('b')({ send: b })
    told('a', [block('x', 0), block('y', 500)])
    expect(a).not.toHaveBeenCalled()
    told('b', [block('x', 0), block('z', 300)])
    expect([a.mock.lastCall, b.mock.lastCall]).toEqual([
      [{ type: 'scroll', top: 410 }],
      [{ type: 'scroll', top: 210 }],
    ])
    expect(differ.value).toBe(true)
    scrolled('a', 460)
    expect(b).toHaveBeenLastCalledWith({ type: 'scroll', top: 260 })
    shown.value = ['a']
    await nextTick()
    await nextTick()
    expect(a).toHaveBeenLastCalledWith({ type: 'scroll', top: 0 })
  })
})
