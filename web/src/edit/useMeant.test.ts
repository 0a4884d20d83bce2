import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import type { Me } from '@/api/types'
import { useSession } from '@/session/useSession'
import { useEdits } from './useEdits'
import { useMeant } from './useMeant'

beforeEach(() => {
  localStorage.clear()
  vi.useFakeTimers()
  setActivePinia(createPinia())
  useSession().person = { id: 'maja' } as Me
})

/** A list on a server that answers late, and shows each answer later still. */
function list() {
  const kept = ref<string[]>([])
  vi.stubGlobal('fetch', async (_: string, init: RequestInit) => {
    await new Promise((resolve) => setTimeout(resolve, 300))
    const { command } = JSON.parse(String(init.body)) as { command: { value: string[] } }
    setTimeout(() => (kept.value = command.value), 100)
    return new Response(JSON.stringify({ step: 1, name: 'set', items: [], revisions: {} }))
  })
  const value = (next: string[]) => ({ verb: 'set-value', item: 'x', key: 'k', value: next }) as never
  const meant = effectScope().run(() =>
    useMeant(
      () => kept.value,
      (next) => void useEdits().give('site', value(next), 'x'),
    ),
  )!
  return { kept, ...meant }
}

it('loses none of fifty ticks within two seconds', async () => {
  const { kept, now, set } = list()
  for (let i = 0; i < 50; i++) {
    set([...now.value, `n${i}`])
    await vi.advanceTimersByTimeAsync(40)
  }
  await vi.advanceTimersByTimeAsync(60_000)
  expect(kept.value).toHaveLength(50)
  expect(now.value).toEqual(kept.value)
})

it('shows what is there again where what was meant is refused', async () => {
  const { now, set } = list()
  vi.stubGlobal('fetch', () =>
    Promise.resolve(
      new Response(JSON.stringify({ code: 'no', detail: 'No.', fix: 'Ask.' }), { status: 422 }),
    ),
  )
  set(['a'])
  expect(now.value).toEqual(['a'])
  await vi.advanceTimersByTimeAsync(5000)
  await nextTick()
  expect(now.value).toEqual([])
})
