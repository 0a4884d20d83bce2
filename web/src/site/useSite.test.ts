import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useSite } from './useSite'

/** A stream of events that does as it is told. */
class Stream {
  static readonly CLOSED = 2
  static all: Stream[] = []
  readyState = 0
  onopen?: () => void
  onerror?: () => void
  private heard = new Map<string, (event: { data: string }) => void>()
  constructor(readonly url: string) {
    Stream.all.push(this)
  }
  addEventListener(name: string, then: (event: { data: string }) => void) {
    this.heard.set(name, then)
  }
  tell(name: string, data: unknown) {
    this.heard.get(name)?.({ data: JSON.stringify(data) })
  }
  refuse() {
    this.readyState = Stream.CLOSED
    this.onerror?.()
  }
  close() {
    this.readyState = Stream.CLOSED
  }
}

const asked: string[] = []
let answers: boolean
let step: number
let shaped: number
const row = (id: string, title: string) => ({ id, title, kind: 'standard' })
const news = (at: number) => ({
  standing: { id: 'moor', step: at, shaped, here: [] },
  plan: {
    step: at,
    whole: at === 4,
    rows: [row('home', `Step ${at}`)],
    order: at === 4 ? ['home'] : undefined,
  },
})

beforeEach(async () => {
  vi.useFakeTimers()
  setActivePinia(createPinia())
  Stream.all = []
  answers = true
  step = 4
  shaped = 1
  vi.stubGlobal('EventSource', Stream)
  vi.stubGlobal('fetch', (path: string) => {
    asked.push(path)
    if (!answers) return Promise.reject(new TypeError('network'))
    return Promise.resolve(new Response(JSON.stringify(path.includes('/news') ? news(step) : {})))
  })
  await useSite().open('moor', 'plan')
  Stream.all[0]?.onopen?.()
  asked.length = 0
})

describe('the site that is worked on', () => {
  it('asks anew once for however many steps are told within a moment', async () => {
    for (step = 5; step < 15; step++) Stream.all[0]?.tell('step', { step })
    await vi.advanceTimersByTimeAsync(1000)
    expect(asked.filter((path) => path.includes('/news'))).toHaveLength(1)
  })

  it('goes on asking, and says so, where its stream is refused though the server answers', async () => {
    const site = useSite()
    Stream.all[0]?.refuse()
    await vi.advanceTimersByTimeAsync(10)
    expect([site.connected, site.untold]).toEqual([true, true])
    expect(asked.some((path) => path.includes('/news'))).toBe(true)
    await vi.advanceTimersByTimeAsync(3000)
    Stream.all[1]?.onopen?.()
    expect([site.connected, site.untold]).toEqual([true, false])
  })

  it('is not connected where nothing answers, and tries again', async () => {
    const site = useSite()
    answers = false
    Stream.all[0]?.refuse()
    await vi.advanceTimersByTimeAsync(10)
    expect([site.connected, site.untold]).toEqual([false, false])
    await vi.advanceTimersByTimeAsync(3000)
    expect(Stream.all).toHaveLength(2)
  })

  it('takes what a step of one’s own changed from its answer, and asks for nothing then', async () => {
    const site = useSite()
    vi.stubGlobal('fetch', (path: string, init?: RequestInit) => {
      asked.push(path)
      const { since } = JSON.parse(String(init?.body)) as { since: number }
      expect(since).toBe(4)
      const answer = { step: 5, name: 'title', items: ['home'], revisions: { home: 'r5' }, news: news(5) }
      return Promise.resolve(new Response(JSON.stringify(answer)))
    })
    await site.give({ verb: 'set-title', page: 'home', title: 'Come in' }, 'home')
    Stream.all[0]?.tell('step', { step: 5 })
    await vi.advanceTimersByTimeAsync(1000)
    expect(asked).toEqual(['/api/sites/moor/commands'])
    expect([site.step, site.rows.get('home')?.title, site.order]).toEqual([5, 'Step 5', ['home']])
  })

  it('asks what there is to choose from only when a step has changed it', async () => {
    const catalogs = () => asked.filter((path) => path.includes('/catalog')).length
    step = 5
    Stream.all[0]?.tell('step', { step })
    await vi.advanceTimersByTimeAsync(1000)
    expect(catalogs()).toBe(0)
    step = shaped = 6
    Stream.all[0]?.tell('step', { step })
    await vi.advanceTimersByTimeAsync(1000)
    expect(catalogs()).toBe(1)
  })

  it('knows how many files are being taken in', () => {
    Stream.all[0]?.tell('taking-in', 3)
    expect(useSite().takingIn).toBe(3)
  })
})
