// Needs no document.
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { begin } from '@/api/working'
import { useWorking } from './useWorking'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

it('shows work after half a second, says so when it takes long, and nothing of what is quick', () => {
  const { slow, long } = effectScope().run(useWorking)!
  const first = begin()
  vi.advanceTimersByTime(300)
  first()
  vi.advanceTimersByTime(1000)
  expect(slow.value).toBe(false)
  const [one, other] = [begin(), begin()]
  vi.advanceTimersByTime(600)
  one()
  one()
  expect([slow.value, long.value]).toEqual([true, false])
  vi.advanceTimersByTime(4000)
  expect(long.value).toBe(true)
  other()
  expect([slow.value, long.value]).toEqual([false, false])
})
