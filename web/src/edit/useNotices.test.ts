// Needs no document.
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import { useNotices } from './useNotices'

beforeEach(() => {
  setActivePinia(createPinia())
  vi.useFakeTimers()
})

it('says a thing once, keeps the last three, and lets them go', () => {
  const notices = useNotices()
  for (const words of ['a', 'b', 'b', 'c', 'd']) notices.say(words)
  expect(notices.list.map((n) => n.says)).toEqual(['b', 'c', 'd'])
  notices.drop(notices.list[0]!.id)
  expect(notices.list).toHaveLength(2)
  vi.advanceTimersByTime(10_000)
  expect(notices.list).toEqual([])
})

it('tells a refusal with its way out, and begins a new screen without it', () => {
  const notices = useNotices()
  notices.refuse({ status: 422, code: 'x', detail: 'Not so.', fix: 'But so.' })
  expect(notices.list[0]).toMatchObject({ says: 'Not so.', fix: 'But so.' })
  notices.clear()
  expect(notices.list).toEqual([])
})

it('lets a refusal go once something done after it is taken, and only then', async () => {
  const notices = useNotices()
  const before = notices.made(Promise.resolve({ ok: true }))
  notices.say('Not so.')
  notices.tell('Well so.')
  await before
  await notices.made(Promise.resolve({ ok: false }))
  expect(notices.list.map((n) => n.says)).toEqual(['Not so.', 'Well so.'])
  await notices.made(Promise.resolve({ ok: true }))
  expect(notices.list.map((n) => n.says)).toEqual(['Well so.'])
})
