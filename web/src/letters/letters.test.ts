import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import type { LetterDetail, LetterRow, LettersTold, SubscriberRow } from '@/api/types'
import { mounting as global, press } from '@/test/moor'
import { server } from '@/test/server'
import LetterDraft from './LetterDraft.vue'
import LetterSent from './LetterSent.vue'
import { howLong, standing } from './letterWords'
import SubscribersTable from './SubscribersTable.vue'
import { useLetterDeeds } from './useLetterDeeds'
import { useLetters } from './useLetters'

const AT = '/sites/moor/letters'
const LIST = {
  id: 'list',
  name: 'From the moor',
  removed: false,
  placed: 3,
  in: 41,
  asked: 3,
  out: 1,
  refused: 0,
}
const TOLD: LettersTold = { letters: [], lists: [LIST], mail: true, signed: false, sender: 'us@moor.example' }
const letter = (more: Partial<LetterRow> = {}): LetterRow => ({
  id: 'one',
  subject: 'News',
  list: 'list',
  state: 'DRAFT',
  made: 'Visit',
  rate: 120,
  trouble: '',
  gone: {},
  ...more,
})
const detail = (more: Partial<LetterDetail> = {}, row: Partial<LetterRow> = {}): LetterDetail => ({
  row: letter(row),
  wording: { list: 'list', subject: 'News', lead: '', page: 'visit' },
  changed: 'first',
  shown: '/-/letter/x',
  print: 'p',
  plain: '',
  cannot: '',
  bytes: 9,
  longest: 100_000,
  told: 0,
  tested: false,
  to: 41,
  unsure: [],
  refused: [],
  ...more,
})
const acts: unknown[] = []
const act = (...what: unknown[]) => {
  acts.push(what)
  return Promise.resolve(true)
}
const body = (sent: string) => JSON.parse(sent.slice(sent.indexOf('{'))) as Record<string, unknown>

async function draft(one: LetterDetail, told = TOLD, answers: Record<string, unknown> = {}) {
  const sent = server({ [`${AT}/sources`]: { listings: [''], since: '2026-11-01' }, ...answers })
  const wrapper = mount(LetterDraft, { props: { told, detail: one, busy: false, act }, global })
  await flushPromises()
  return { sent, wrapper }
}
const disabled = (wrapper: Awaited<ReturnType<typeof draft>>['wrapper']) =>
  wrapper.findAll('.end .row-flex button').every((b) => b.attributes('disabled') !== undefined)

describe('letters', () => {
  it('are said in few words', () => {
    expect(standing(letter())).toBe('draft')
    const gone = { SENT: 60, WAITING: 139, BEING: 1, UNSURE: 2 }
    expect(standing(letter({ state: 'SENDING', gone }))).toBe('62 of 202 · 2 unsure')
    expect(standing(letter({ state: 'STOPPED', gone: { SENT: 1, WAITING: 1 } }))).toBe('stopped at 1 of 2')
    expect([howLong(41, 120), howLong(10_000, 120), howLong(10_000, 6000)]).toEqual([
      'within a minute',
      'in about 84 minutes',
      'in about 2 minutes',
    ])
  })

  it('say why they can’t be sent yet, where the button is', async () => {
    const cases: [Partial<LetterDetail>, Partial<LettersTold>, string][] = [
      [{}, { mail: false }, 'Mail is not set up'],
      [{ wording: { list: 'list', subject: 'N', lead: '', page: '' } }, {}, 'Choose what it is made of'],
      [{ wording: { list: 'list', subject: ' ', lead: '', page: 'visit' } }, {}, 'Write its subject'],
      [{ to: 0 }, {}, 'Nobody on this list'],
      [{ cannot: '“Visit” is not live.' }, {}, 'is not live'],
      [
        {
          wording: { list: 'list', subject: 'N', lead: '', page: 'visit', listing: '', since: '2026-11-01' },
        },
        {},
        'Nothing is new',
      ],
    ]
    for (const [one, told, says] of cases) {
      const { wrapper } = await draft(detail(one), { ...TOLD, ...told })
      expect(wrapper.text()).toContain(says)
      expect(disabled(wrapper)).toBe(true)
    }
    const { wrapper } = await draft(detail())
    expect(wrapper.text()).toContain('No test of it as it is')
    expect(disabled(wrapper)).toBe(false)
  })

  it('keep what is written before anything is done, and what is new in a listing since a day', async () => {
    const kept = detail({ changed: 'second', tested: true, told: 4 })
    const { sent, wrapper } = await draft(detail({ told: 4 }), TOLD, { [`${AT}/one`]: kept })
    await wrapper.get('input[maxlength="150"]').setValue('News of November')
    await press(wrapper, 'What is new in its listing')
    await flushPromises()
    acts.length = 0
    await press(wrapper, 'Send me a test')
    await flushPromises()
    const written = body(sent.findLast((s) => s.includes('News of November')) ?? '')
    expect(written).toEqual({
      wording: {
        list: 'list',
        subject: 'News of November',
        lead: '',
        page: 'visit',
        listing: '',
        since: '2026-11-01',
      },
      seen: 'first',
    })
    expect(acts).toEqual([['test']])
  })

  it('ask what is known of those of whom nobody knows', async () => {
    server({})
    acts.length = 0
    const row = { state: 'SENT' as const, started: '2026-11-30T10:00:00Z', gone: { SENT: 39, UNSURE: 2 } }
    const unsure = [
      { subscriber: 'a', email: 'ada@moor.example', said: '' },
      { subscriber: 'b', email: 'ben@moor.example', said: '' },
    ]
    const wrapper = mount(LetterSent, {
      props: { told: TOLD, detail: detail({ unsure }, row), busy: false, act, pace: act, decide: act },
      global,
    })
    await press(wrapper, 'Has it')
    await press(wrapper, 'Send again')
    await press(wrapper, 'Send again to all 2')
    expect(acts).toEqual([
      [['a'], false],
      [['a'], true],
      [['a', 'b'], true],
    ])
    expect(wrapper.find('.rate').exists()).toBe(false)
  })

  it('show nothing that was asked for before something was done, though it comes later', async () => {
    server({})
    const unsure = [{ subscriber: 'a', email: 'ada@moor.example', said: '' }]
    const late: (() => void)[] = []
    const json = (answer: unknown) => new Response(JSON.stringify(answer))
    vi.stubGlobal('fetch', (path: string, init?: RequestInit) => {
      if (init?.method === 'POST') return Promise.resolve(json(detail({ unsure: [] }, { state: 'SENT' })))
      if (!path.endsWith('/letters/one')) return Promise.resolve(json(TOLD))
      return new Promise((answer) => late.push(() => answer(json(detail({ unsure }, { state: 'SENT' })))))
    })
    const letters = useLetters(() => 'one')
    const { decide } = useLetterDeeds(() => 'one', letters)
    const before = letters.open()
    expect(await decide(['a'], false)).toBe(true)
    late.forEach((answer) => answer())
    await before
    expect(letters.detail.value?.unsure).toEqual([])
  })

  it('go to those on a list, each told by how they stand and how they agreed', async () => {
    const one: SubscriberRow = {
      id: 'a',
      email: 'ada@moor.example',
      name: 'Ada',
      stands: 'REFUSED',
      asked: '2026-11-01T10:00:00Z',
      ended: '2026-11-02T10:00:00Z',
      proof: 'Asked by the form',
      said: '550 no',
    }
    server({ '/sites/moor/subscribers/list': { rows: [one], found: 1 } })
    const wrapper = mount(SubscribersTable, { props: { list: LIST }, global })
    await flushPromises()
    expect(wrapper.get('tbody tr').text()).toContain('refused')
    expect(wrapper.get('.proof').text()).toBe('550 no · Asked by the form')
    expect(wrapper.findAll('nav button').map((b) => b.text().replace(/\s+/g, ' '))).toContain(
      'Not confirmed 3',
    )
  })
})
