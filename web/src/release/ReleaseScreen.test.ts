import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useNotices } from '@/edit/useNotices'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { moor, mounting, press, row } from '@/test/moor'
import ReleaseScreen from './ReleaseScreen.vue'

const entry = (item: string, name: string, fate = 'CHANGED', sort = 'PAGE') => ({
  item,
  name,
  fate,
  sort,
  says: ['title'],
  needs: [],
  reaches: 1,
  pages: sort === 'PAGE' ? [item] : [],
})
const ENTRIES = [
  entry('visit', 'Visit'),
  entry('hours', 'Opening times', 'NEW'),
  entry('main', 'Main', 'CHANGED', 'MENU'),
]
const LOG = [
  { number: 2, note: 'Winter', changes: 3, who: 'Maja', at: '2026-11-20T10:00:00Z' },
  { number: 1, note: '', changes: 49, who: 'Maja', at: '2026-11-01T10:00:00Z' },
]
const NEWS = {
  standing: { id: 'moor', step: 9, release: 2, shaped: 1 },
  plan: { step: 9, whole: false, rows: [] },
}
const finding = (severity: string, says: string) => ({
  name: 'Visit',
  finding: { severity, says, mends: [] },
})

let sent: { path: string; body: { items: string[]; note: string } | null }[]
let waiting: object[]
let preview: (items: string[]) => object
const STILL = {
  notes: [],
  findings: [],
  sitemap: { now: 58, then: 58, comes: [], goes: [], changed: 0 },
  mended: 0,
}
let refusal: object | null

/** The screen as it stands once the server has answered. */
async function screen(rows: ReturnType<typeof row>[] = []) {
  const { site } = moor(rows, () => ({}))
  sent = []
  vi.stubGlobal('fetch', (path: string, init?: RequestInit) => {
    const body = init?.body ? (JSON.parse(String(init.body)) as { items: string[]; note: string }) : null
    if (init?.method === 'POST') sent.push({ path, body })
    const problem = path.endsWith('/releases') && body && refusal
    if (problem) return Promise.resolve(new Response(JSON.stringify(problem), { status: 409 }))
    const answer = path.endsWith('/waiting')
      ? { step: 9, release: 2, entries: waiting }
      : path.endsWith('/preview')
        ? preview(body!.items)
        : path.includes('/releases')
          ? LOG
          : path.includes('/news')
            ? NEWS
            : {}
    return Promise.resolve(new Response(JSON.stringify(answer)))
  })
  site.standing = { release: 2, origin: 'http://moor.localhost', step: 9 } as never
  const wrapper = mount(ReleaseScreen, {
    global: { ...mounting, stubs: { ...mounting.stubs, ProofFrame: true } },
  })
  await settled()
  return wrapper
}
async function settled() {
  await vi.advanceTimersByTimeAsync(200)
  await flushPromises()
}
const words = (wrapper: Awaited<ReturnType<typeof screen>>) => wrapper.text().replace(/\s+/g, ' ')

beforeEach(() => {
  vi.useFakeTimers()
  waiting = ENTRIES
  refusal = null
  preview = (items) => ({ ...STILL, items })
})
afterEach(() => vi.useRealTimers())

describe('the releases', () => {
  it('say what waits, in words, and what would go live', async () => {
    const wrapper = await screen()
    expect(words(wrapper)).toContain('3 changes wait since release 2')
    expect(words(wrapper)).toContain('3 changes go live at once, or none of them.')
    expect(words(wrapper)).toContain('+ new Opening times')
    expect(words(wrapper)).toContain('Nothing to fix.')
  })

  it('stand by what they are of, pages as in the plan and numbers as numbers, taken or left out together', async () => {
    waiting = [
      entry('m10', 'Line 10', 'CHANGED', 'MENU'),
      entry('m9', 'Line 9', 'CHANGED', 'MENU'),
      ...ENTRIES,
    ]
    const wrapper = await screen()
    expect(wrapper.findAll('section > header h3').map((h) => h.text())).toEqual(['Pages', 'Menus'])
    expect(wrapper.findAll('li .name').map((n) => n.text())).toEqual([
      'Opening times',
      'Visit',
      'Line 9',
      'Line 10',
      'Main',
    ])
    await wrapper.get('[aria-label="None of Menus"]').trigger('click')
    await settled()
    expect(sent.at(-1)?.body?.items).toEqual(['visit', 'hours'])
    expect(words(wrapper)).toContain('0 of 3')
  })

  it('ask before they let out what nobody has filled, and lead to it', async () => {
    const wrapper = await screen([row('visit', { title: 'Visit', toFill: 21 })])
    await press(wrapper, 'Release 3 changes')
    expect(sent.filter((s) => s.path.endsWith('/releases'))).toEqual([])
    expect(words(wrapper)).toContain('21 places are still to fill on 1 of these pages')
    await press(wrapper, 'Release it even so')
    await settled()
    expect(sent.filter((s) => s.path.endsWith('/releases'))).toHaveLength(1)
    expect(wrapper.get('.done').text()).toContain('Visit')
  })

  it('ask nothing of a list from before the latest release', async () => {
    const wrapper = await screen()
    useSite().standing = { release: 3, origin: '', step: 10 } as never
    await wrapper.get('input[type=checkbox]').setValue(false)
    await settled()
    expect(sent).toHaveLength(1)
  })

  it('say that nothing waits', async () => {
    waiting = []
    const wrapper = await screen()
    expect(words(wrapper)).toContain('visitors see release 2, and nothing waits')
    expect(wrapper.find('aside').exists()).toBe(false)
  })

  it('leave out what is not ticked, but for what another change needs', async () => {
    preview = (items) => ({
      items: [...new Set([...items, 'hours'])],
      notes: ['/old leads to /visit.'],
      findings: [],
      sitemap: {
        now: 58,
        then: 58,
        comes: ['/visit/plan'],
        goes: [{ address: '/visit/hours', status: 301, to: '/visit/plan' }],
        changed: 14,
      },
      mended: 2,
    })
    const wrapper = await screen()
    for (const name of ['Visit', 'Opening times'])
      await wrapper
        .get(`[aria-label="Release ${name}"] input, input[aria-label="Release ${name}"]`)
        .setValue(false)
    await settled()
    expect(sent.at(-1)?.body?.items).toEqual(['main'])
    expect(words(wrapper)).toContain('1 you left out must come along: Opening times.')
    expect(words(wrapper)).toContain('/old leads to /visit.')
    expect(words(wrapper)).toMatch(
      /58 addresses, 58 now.*comes: \/visit\/plan.*goes: \/visit\/hours.*→ \/visit\/plan.*14 with a new date/,
    )
    expect(words(wrapper)).toContain('None is new, 2 go.')
    expect(words(wrapper)).toContain('Release 2 changes')
  })

  it('show the gravest of what the survey would find, and lead to the rest', async () => {
    const many = Array.from({ length: 8 }, (_, i) => finding('SHOULD_FIX', `Thing ${i}.`))
    preview = (items) => ({
      ...STILL,
      items,
      findings: [finding('MUST_FIX', 'A link leads nowhere.'), ...many],
    })
    const wrapper = await screen()
    expect(wrapper.get('.findings .must').element.parentElement!.textContent).toContain(
      'A link leads nowhere.',
    )
    expect(wrapper.findAll('.findings li')).toHaveLength(7)
    expect(words(wrapper)).toContain('2 more in the survey')
    expect(words(wrapper)).toContain('The sitemap then As it is: 58 addresses.')
    await wrapper
      .findAll('button')
      .find((b) => b.text().startsWith('Release 3'))!
      .trigger('click')
    expect(words(wrapper)).toContain('must be fixed on the live site then')
    expect(sent.filter((s) => s.path.endsWith('/releases'))).toEqual([])
  })

  it('go live once, with a note', async () => {
    const wrapper = await screen()
    await wrapper.get('#note').setValue('Winter hours')
    const go = wrapper.findAll('button').find((b) => b.text().startsWith('Release 3'))!
    await Promise.all([go.trigger('click'), go.trigger('click')])
    await settled()
    const released = sent.filter((s) => s.path.endsWith('/releases'))
    expect(released.map((s) => s.body)).toEqual([{ items: ['visit', 'hours', 'main'], note: 'Winter hours' }])
    expect(words(wrapper)).toContain('Release 2 is live.')
  })

  it('stay where they are when they are refused, and say why', async () => {
    refusal = { code: 'nothing-chosen', detail: 'Somebody released it meanwhile.', fix: 'Look again.' }
    const wrapper = await screen()
    await press(wrapper, 'Release 3 changes')
    await settled()
    expect(useNotices().list.map((n) => n.says)).toEqual(['Somebody released it meanwhile.'])
    expect(words(wrapper)).not.toContain('is live.')
  })

  it('are gone back to by managers, after they have been told what that means', async () => {
    const wrapper = await screen()
    await press(wrapper, 'Go back to it…')
    expect(words(wrapper)).toContain('the working copy keeps every change made since')
    await wrapper
      .findAll('button')
      .find((b) => b.text() === 'Go back')!
      .trigger('click')
    await settled()
    expect(sent.map((s) => s.path)).toContain('/api/sites/moor/releases/1/return')
    expect(words(wrapper)).toContain('The site is back as it was in release 1.')
  })

  it('are only looked at by editors', async () => {
    const wrapper = await screen()
    useSession().role = 'EDITOR'
    await settled()
    expect(words(wrapper)).toContain('Only managers release.')
    expect(wrapper.findAll('button').some((b) => b.text().includes('Go back'))).toBe(false)
  })

  it('show a page before and after, one at a time', async () => {
    const wrapper = await screen()
    await press(wrapper, 'Before and after')
    expect(wrapper.findAll('.compare figure')).toHaveLength(2)
    await press(wrapper, 'Close')
    expect(wrapper.find('.compare').exists()).toBe(false)
  })
})
