import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { question, type Question } from '@/api/client'
import { useSite } from './useSite'
import { useEdits } from '@/edit/useEdits'
import { useItem } from './useItem'

const at = { path: { site: 'moor', id: 'visit' } }
const page = question('/api/sites/{site}/pages/{id}', at) as unknown as Question<Words>

interface Words {
  words: string
  revision: string
}

beforeEach(() => {
  localStorage.clear()
  vi.useFakeTimers()
  setActivePinia(createPinia())
})

/** A server that keeps words, and answers each question when it is told to, with what it had when it was asked. */
function server() {
  let kept: Words = { words: 'before', revision: 'r0' }
  let count = 0
  const late: (() => void)[] = []
  const seen: unknown[] = []
  vi.stubGlobal('fetch', (_: string, init?: RequestInit) => {
    if (init?.method === 'POST') {
      const sent = JSON.parse(String(init.body)) as { command: { title: string }; seen: unknown }
      seen.push(sent.seen)
      kept = { words: sent.command.title, revision: `r${++count}` }
      const answer = { step: count, name: 'words', items: ['visit'], revisions: { visit: kept.revision } }
      return Promise.resolve(new Response(JSON.stringify(answer)))
    }
    const asked = JSON.stringify(kept)
    return new Promise<Response>((resolve) => late.push(() => resolve(new Response(asked))))
  })
  const answer = async () => {
    late.shift()?.()
    await vi.advanceTimersByTimeAsync(100)
  }
  return { answer, seen, waiting: () => late.length }
}

it('never puts older words over those written since they were asked for', async () => {
  const { answer, seen, waiting } = server()
  const scope = effectScope()
  await scope.run(async () => {
    const item = useItem<Words>(
      () => page,
      (w) => [{ item: 'visit', revision: w.revision }],
    )
    await answer()
    expect(item.value.value?.words).toBe('before')
    void item.load()
    const give = (words: string) =>
      useEdits().give('moor', { verb: 'set-title', page: 'visit', title: words }, 'visit')
    await give('mine')
    await answer()
    expect(item.value.value?.words).toBe('before')
    expect(waiting()).toBe(1)
    await answer()
    expect(item.value.value?.words).toBe('mine')
    await give('mine again')
    expect(seen).toEqual([{ visit: 'r0' }, { visit: 'r1' }])
    useSite().step++
    await vi.advanceTimersByTimeAsync(100)
    await answer()
    expect(item.value.value?.words).toBe('mine again')
  })
  scope.stop()
})

it('asks again for what could not be had over a lost connection', async () => {
  let lost = true
  const given = () => new Response(JSON.stringify({ words: 'there', revision: 'r0' }))
  vi.stubGlobal('fetch', () => (lost ? Promise.reject(new TypeError()) : Promise.resolve(given())))
  const scope = effectScope()
  await scope.run(async () => {
    const item = useItem<Words>(() => page)
    await vi.advanceTimersByTimeAsync(100)
    expect(item.problem.value?.code).toBe('offline')
    lost = false
    await vi.advanceTimersByTimeAsync(2100)
    expect([item.problem.value, item.value.value?.words]).toEqual([null, 'there'])
  })
  scope.stop()
})
