// Needs no document.
// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { begin } from '@/api/working'
import AwaitedScreen from './AwaitedScreen.vue'

it('draws the layout of a screen that takes its time, and goes when it is there', async () => {
  vi.useFakeTimers()
  const room = mount(AwaitedScreen, { props: { shape: 'halves' } })
  const arrived = begin()
  vi.advanceTimersByTime(400)
  await nextTick()
  expect(room.find('.halves').exists()).toBe(false)
  vi.advanceTimersByTime(200)
  await nextTick()
  expect(room.find('.halves').attributes('aria-hidden')).toBe('true')
  arrived()
  await nextTick()
  expect(room.find('.halves').exists()).toBe(false)
  vi.useRealTimers()
})
