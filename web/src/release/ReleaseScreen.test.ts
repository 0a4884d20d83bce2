import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useNotices } from '@/edit/useNotices'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { moor, mounting, press, row } from '@/test/moor'
import { ASKED, type Body, CHANGES, entry, finding, LOG, NEWS, PLANNED, SET, STILL } from '@/test/releases'
import ReleaseScreen from './ReleaseScreen.vue'

let sent: { path: string; body: Body }[]
let waiting: object[]
let planned: object[]
let preview: (items: string[]) => object
let refusal: object | null

function answerOf(path: string, method: string, body: Body): object {
  if (method === 'POST' && path.endsWith('/planned'))
    return { wanted: body.wanted, clock: '2027-03-28T02:30' }
  if (path.endsWith('/planned')) return planned
  if (path.endsWith('/asked')) return [ASKED]
  if (path.endsWith('/waiting')) return { step: 9, release: 3, zone: 'Europe/London', changes: waiting }
  if (path.endsWith('/preview')) return { changes: body.items.length, ...preview(body.items) }
  if (path.includes('/compared/')) return { title: 'Visit', before: '/visit', after: '/stay', parts: [] }
  if (path.includes('/compared')) return { entries: [entry('visit', 'Visit', 'GONE')], more: 0 }
  if (path.endsWith('/return'))
    return {
      differing: { entries: [entry('visit', 'Visit', 'GONE')], more: 0 },
      lost: ['Visit'],
      preview: { ...STILL, items: [] },
    }
  if (path.includes('/deliveries')) return path.includes('/arrived') ? [] : { all: [], asking: [] }
  return path.includes('/news') ? NEWS : path.includes('/releases') ? LOG : {}
}
/** The screen as it stands once the server has answered. */
async function screen(rows: ReturnType<typeof row>[] = []) {
  const { site } = moor(rows, () => ({}))
  sent = []
  vi.stubGlobal('fetch', (path: string, init?: RequestInit) => {
    const body = init?.body ? (JSON.parse(String(init.body)) as Body) : { items: [] }
    if (init?.method === 'POST' && !path.endsWith('/foreseen')) sent.push({ path, body })
    if (init?.method === 'POST' && path.endsWith('/releases') && refusal)
      return Promise.resolve(new Response(JSON.stringify(refusal), { status: 409 }))
    return Promise.resolve(new Response(JSON.stringify(answerOf(path, init?.method ?? 'GET', body))))
  })
  site.standing = { release: 3, origin: 'http://moor.localhost', step: 9 } as never
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
type Screen = Awaited<ReturnType<typeof screen>>
const words = (wrapper: Screen) => wrapper.text().replace(/\s+/g, ' ')
const box = (wrapper: Screen, name: string) =>
  wrapper.get(`[aria-label="Release ${name}"] input, input[aria-label="Release ${name}"]`)
const lastPreview = () => sent.filter((s) => s.path.endsWith('/preview')).at(-1)?.body.items

beforeEach(() => {
  vi.useFakeTimers({ now: new Date('2026-12-01T10:00:00Z') })
  waiting = CHANGES
  planned = []
  refusal = null
  preview = (items) => ({ ...STILL, items })
})
afterEach(() => vi.useRealTimers())

describe('the releases', () => {
  it('tell what people did, how far it reaches, by whom, and who asks for it', async () => {
    const wrapper = await screen()
    expect(words(wrapper)).toContain('3 changes wait · 1 asked for')
    expect(words(wrapper)).toMatch(/Visit, put in a new order.*4 redirects menu follows 2 pages/)
    expect(words(wrapper)).toMatch(
      /Opening times.*new · title · by Tomás.*Tomás asks: before Friday.*give back….*must fix/,
    )
    expect(words(wrapper)).toContain('3 of 3 chosen.')
    expect(words(wrapper)).toContain('Nothing to fix.')
  })

  it('are chosen all, none, mine, those asked for, or in part of a change', async () => {
    const wrapper = await screen()
    await press(wrapper, 'what I did')
    await settled()
    expect(lastPreview()).toEqual(['visit', 'night', 'main'])
    await press(wrapper, 'asked for')
    await settled()
    expect(lastPreview()).toEqual(['hours'])
    await press(wrapper, 'none')
    await press(wrapper, 'choose among the 2 items')
    await box(wrapper, 'Night').setValue(true)
    await settled()
    expect(lastPreview()).toEqual(['night'])
    expect(words(wrapper)).toContain('1 of 3 chosen.')
    await press(wrapper, 'all')
    await settled()
    expect(lastPreview()).toEqual(['visit', 'night', 'hours', 'main'])
  })

  it('leave what is set for a time where it is, unless it is taken even so', async () => {
    waiting = [...CHANGES, SET]
    const wrapper = await screen()
    expect(words(wrapper)).toContain('set for Sat 4 Dec 2027, 08:00')
    expect(lastPreview()).not.toContain('camp')
    await box(wrapper, 'Camping').setValue(true)
    await settled()
    expect(lastPreview()).toContain('camp')
  })

  it('say what must come along and why, and what else happens', async () => {
    preview = (items) => ({
      ...STILL,
      items: ['hours', 'visit'],
      changes: 2,
      notes: ['/old leads to /visit.'],
      through: 70,
      mended: items.length,
      sitemap: {
        now: 58,
        then: 58,
        comes: ['/visit/plan'],
        goes: [{ address: '/visit/hours', status: 301, to: '/visit/plan' }],
        changed: 14,
      },
    })
    const wrapper = await screen()
    await press(wrapper, 'none')
    await box(wrapper, 'Opening times').setValue(true)
    await settled()
    expect(words(wrapper)).toContain('Comes along: Visit, because Opening times needs it.')
    expect(words(wrapper)).toContain('/old leads to /visit.')
    expect(words(wrapper)).toMatch(
      /58 addresses, 58 now.*comes: \/visit\/plan.*goes: \/visit\/hours.*→ \/visit\/plan.*14 with a new date/,
    )
    expect(words(wrapper)).toContain('70 more pages change through a template, a menu or the look.')
    expect(words(wrapper)).toContain('None is new, 1 goes.')
    expect(words(wrapper)).toContain('Release these 2…')
  })

  it('ask before they let out what nobody has filled or what must be fixed', async () => {
    preview = (items) => ({
      ...STILL,
      items,
      findings: [finding('MUST_FIX', 'A link leads nowhere.'), finding('SHOULD_FIX', 'Thing.', true)],
    })
    const wrapper = await screen([row('visit', { title: 'Visit', toFill: 21 })])
    expect(words(wrapper)).toMatch(/A link leads nowhere.*Thing. new/)
    await press(wrapper, 'Release these 4…')
    expect(sent.filter((s) => s.path.endsWith('/releases'))).toEqual([])
    expect(words(wrapper)).toContain('must be fixed on the live site then')
    expect(words(wrapper)).toContain('21 places are still to fill on 1 of these pages')
    await press(wrapper, 'Release it even so')
    await settled()
    expect(sent.filter((s) => s.path.endsWith('/releases'))).toHaveLength(1)
    expect(wrapper.get('.done').text()).toContain('Visit')
  })

  it('ask nothing of a list from before the latest release', async () => {
    const wrapper = await screen()
    useSite().standing = { release: 4, origin: '', step: 10 } as never
    await box(wrapper, 'Opening times').setValue(false)
    await settled()
    expect(sent.filter((s) => s.path.endsWith('/preview'))).toHaveLength(1)
  })

  it('go live once, with a note', async () => {
    const wrapper = await screen()
    await wrapper.get('#note').setValue('Winter hours')
    const go = wrapper.findAll('button').find((b) => b.text().startsWith('Release these 4'))!
    await Promise.all([go.trigger('click'), go.trigger('click')])
    await settled()
    const released = sent.filter((s) => s.path.endsWith('/releases'))
    expect(released.map((s) => s.body)).toEqual([
      { items: ['visit', 'night', 'hours', 'main'], note: 'Winter hours' },
    ])
    expect(words(wrapper)).toContain('Release 3 is live.')
  })

  it('stay where they are when they are refused, and say why', async () => {
    refusal = { code: 'nothing-chosen', detail: 'Somebody released it meanwhile.', fix: 'Look again.' }
    const wrapper = await screen()
    await press(wrapper, 'Release these 4')
    await settled()
    expect(useNotices().list.map((n) => n.says)).toEqual(['Somebody released it meanwhile.'])
    expect(words(wrapper)).not.toContain('is live.')
  })

  it('are set for a day and hour of the site’s clocks, and say when these leave it out', async () => {
    const wrapper = await screen()
    await press(wrapper, 'on a day and hour')
    expect(words(wrapper)).toContain('By the clocks of the site: Europe/London')
    await wrapper.get('[aria-label="On which day"]').setValue('2027-03-28')
    await wrapper.get('[aria-label="On which day, time of day"]').setValue('1:30')
    await settled()
    await press(wrapper, 'Set these 4 for that time')
    await settled()
    const plan = sent.find((s) => s.path.endsWith('/planned'))?.body
    expect(plan?.wanted).toBe('2027-03-28T01:30')
    expect(words(wrapper)).toContain('The clocks leave out 01:30 on that day.')
  })

  it('that are set are told with what came between, and why one waits', async () => {
    planned = [PLANNED]
    const wrapper = await screen()
    expect(words(wrapper)).toContain('was set for Sat 4 Dec 2027, 08:00 waits: “Roof” is not on the site')
    await wrapper.get('.coming').trigger('click')
    await settled()
    expect(words(wrapper)).toMatch(/All of it waits:.*Changed since, which waits: Camping/)
    await press(wrapper, 'Another time…')
    await wrapper.get('form').trigger('submit')
    await settled()
    expect(sent.at(-1)?.path).toContain('/planned/p1')
  })

  it('lie along a line: one is looked at, two are compared, by keys alone', async () => {
    const wrapper = await screen()
    expect(words(wrapper)).toContain('3 went back to 1')
    const ticks = wrapper.findAll('.tick')
    expect(ticks.map((t) => t.attributes('tabindex'))).toEqual(['-1', '-1', '0'])
    expect(ticks[1]!.attributes('aria-label')).toContain('late: it was set for 10 Nov')
    await ticks[2]!.trigger('keydown', { key: 'ArrowLeft' })
    expect(ticks[1]!.attributes('tabindex')).toBe('0')
    await ticks[1]!.trigger('click')
    await settled()
    expect(words(wrapper)).toContain('Release 2')
    await ticks[2]!.trigger('click')
    await settled()
    expect(words(wrapper)).toContain('Release 2 and release 3')
    window.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }))
    await settled()
    expect(words(wrapper)).not.toContain('Release 2 and release 3')
  })

  it('are gone back to by managers, after they have been told what would be lost', async () => {
    const wrapper = await screen()
    await wrapper.findAll('.tick')[0]!.trigger('click')
    await settled()
    await press(wrapper, 'Go back to it…')
    await settled()
    expect(words(wrapper)).toContain('Visitors lose 1 page: Visit.')
    expect(words(wrapper)).toContain('the working copy keeps every change made since')
    await wrapper
      .findAll('button')
      .find((b) => b.text() === 'Go back')!
      .trigger('click')
    await settled()
    expect(sent.map((s) => s.path)).toContain('/api/sites/moor/releases/1/return')
    expect(words(wrapper)).toContain('The site is back as it was in release 1.')
  })

  it('are asked for by editors, with a word', async () => {
    const wrapper = await screen()
    useSession().role = 'EDITOR'
    await settled()
    expect(words(wrapper)).toContain('Only managers release.')
    await wrapper.get('#note').setValue('before Friday')
    await press(wrapper, 'Ask for these 4')
    await settled()
    const asked = sent.find((s) => s.path.endsWith('/asked'))?.body
    expect(asked).toEqual({ items: ['visit', 'night', 'hours', 'main'], word: 'before Friday' })
  })

  it('are given back with a word', async () => {
    const wrapper = await screen()
    await press(wrapper, 'give back…')
    await wrapper
      .get('[aria-label="What is still to be done"] input, input[aria-label="What is still to be done"]')
      .setValue('The price')
    await wrapper.get('form').trigger('submit')
    await settled()
    expect(sent.at(-1)).toMatchObject({
      path: '/api/sites/moor/releases/asked/a1/back',
      body: { word: 'The price' },
    })
  })

  it('draw before and after over each other, with an edge that keys move; or tell them as words', async () => {
    const wrapper = await screen()
    const edge = wrapper.get('[role=slider]')
    expect(words(wrapper)).toContain('live now · /visit')
    expect(words(wrapper)).toContain('then · /stay')
    await edge.trigger('keydown', { key: 'Home' })
    expect(edge.attributes('aria-valuenow')).toBe('0')
    await edge.trigger('keydown', { key: 'ArrowRight' })
    expect(edge.attributes('aria-valuenow')).toBe('4')
    await press(wrapper, 'words')
    expect(wrapper.find('[role=slider]').exists()).toBe(false)
    expect(words(wrapper)).toContain('/stay')
  })
})
