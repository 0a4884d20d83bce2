import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { FieldUse, KindDetail, Property } from '@/api/types'
import { newField } from '@/property/fields'
import { chooseOf, moor, mounting, press, row, choose } from '@/test/moor'
import FieldCard from './FieldCard.vue'
import KindTemplatesSheet from './KindTemplatesSheet.vue'
import NewKindSheet from './NewKindSheet.vue'
import MakingSheet from './MakingSheet.vue'
import PlacementSheet from './PlacementSheet.vue'
import ReadTableSheet from './ReadTableSheet.vue'

const push = vi.fn()
vi.mock('vue-router', () => ({ useRouter: () => ({ push }) }))

const kind = (more: object = {}) =>
  ({
    id: 'night',
    name: 'Open night',
    note: 'One evening',
    fields: [],
    settings: {},
    settingList: [],
    beneath: { where: 'ANYWHERE', ids: [] },
    usual: 'plain',
    following: 1,
    chosen: 2,
    ...more,
  }) as unknown as KindDetail
let shown: ReturnType<typeof moor>
let answers: (path: string) => unknown
beforeEach(() => {
  answers = () => ({})
  shown = moor([row('home'), row('visit')], (path) => answers(path))
})
const global = mounting

it('a kind is made of a ready one, by its name of one’s own', async () => {
  shown.site.catalog!.readyKinds = [{ id: 'repairs', name: 'Repairs to do', note: 'what is broken' }]
  const wrapper = mount(NewKindSheet, { global })
  await wrapper.get('input').setValue('Repair')
  await chooseOf(wrapper, 'With the fields and rules of', 'Repairs to do: what is broken')
  await wrapper.get('form').trigger('submit')
  await flushPromises()
  expect(shown.given[0]).toMatchObject({ verb: 'make-kind', name: 'Repair', from: 'repairs' })
  expect(push).toHaveBeenCalledOnce()
})

describe('where pages of a kind stand', () => {
  const open = (beneath: object) => mount(PlacementSheet, { props: { kind: kind({ beneath }) }, global })

  it('changes nothing before something is named', async () => {
    const wrapper = open({ where: 'ANYWHERE', ids: [] })
    await wrapper.get('input[value=BENEATH_PAGES]').trigger('change')
    expect(wrapper.text()).toContain('Name at least one; until then nothing changes.')
    expect(shown.given).toEqual([])
    await wrapper.get('select').setValue('visit')
    await flushPromises()
    expect(shown.given).toEqual([
      { verb: 'place-kind', kind: 'night', beneath: { where: 'BENEATH_PAGES', ids: ['visit'] } },
    ])
  })

  it('offers kinds in place of pages, and goes back to what was named before', async () => {
    const wrapper = open({ where: 'BENEATH_KINDS', ids: ['standard'] })
    expect(wrapper.findAll('option').map((o) => o.text())).toEqual(['', 'Standard page', 'Open night'])
    await wrapper.get('input[value=BENEATH_PAGES]').trigger('change')
    await wrapper.get('input[value=BENEATH_KINDS]').trigger('change')
    await flushPromises()
    expect(shown.given.at(-1)).toMatchObject({ beneath: { where: 'BENEATH_KINDS', ids: ['standard'] } })
  })
})

describe('the templates of a kind', () => {
  const open = (allowed?: string[]) =>
    mount(KindTemplatesSheet, { props: { kind: kind({ allowed }) }, global })

  it('are any, until they are named; the usual one is among them', async () => {
    const wrapper = open()
    expect(wrapper.text()).toMatch(/1 page follows the usual one, 2 chose\s+their own\./)
    await wrapper.findAll('[role=radio]')[1]!.trigger('click')
    await press(wrapper, 'make it the usual one')
    expect(shown.given).toEqual([
      { verb: 'set-kind-templates', kind: 'night', template: 'plain', allowed: ['plain', 'wide'] },
      { verb: 'set-kind-templates', kind: 'night', template: 'wide', allowed: ['plain', 'wide'] },
    ])
  })

  it('are ticked upon what is seen, and not upon what the server said last', async () => {
    const wrapper = open()
    await wrapper.findAll('[role=radio]')[1]!.trigger('click')
    await press(wrapper, 'none but the usual one')
    expect(wrapper.text()).toContain('1 of 2')
    await wrapper.findAll('li input')[1]!.setValue(true)
    expect(shown.given.at(-1)).toMatchObject({ verb: 'allow-template', template: 'wide', may: true })
  })

  it('are found by words, and left out but for the usual one at once', async () => {
    const wrapper = open(['plain', 'wide'])
    expect(wrapper.text()).toContain('2 of 2')
    await press(wrapper, 'none but the usual one')
    await press(wrapper, 'all of them')
    expect(shown.given).toMatchObject([{ allowed: ['plain'] }, { allowed: ['plain', 'wide'] }])
    await wrapper.get('input[type=search]').setValue('picture')
    expect(wrapper.findAll('li')).toHaveLength(1)
    await wrapper.get('input[type=search]').setValue('nowhere')
    expect(wrapper.text()).toContain('No template is called so.')
  })

  it('are taken in and out one by one', async () => {
    const wrapper = open(['plain'])
    await wrapper.findAll('li input')[1]!.setValue(true)
    await press(wrapper, 'make it the usual one')
    expect(shown.given).toMatchObject([
      { verb: 'allow-template', template: 'wide', may: true },
      { template: 'wide', allowed: ['plain', 'wide'] },
    ])
  })
})

describe('how a kind’s pages are made', () => {
  const list = ['offeredFirst', 'pageless', 'mayHold'].map((key) => ({
    ...newField(key, '', []),
    key,
    type: 'YES_NO',
  }))

  it('is set at once, setting by setting; what may be held has a sheet of its own', async () => {
    const wrapper = mount(MakingSheet, { props: { kind: kind({ settingList: list }) }, global })
    const ticks = wrapper.findAll('input[type=checkbox]')
    expect(ticks).toHaveLength(2)
    await ticks[0]!.setValue(true)
    await flushPromises()
    expect(shown.given).toEqual([{ verb: 'set-value', item: 'night', key: 'offeredFirst', value: true }])
  })

  it('leaves out what only pages have, where there are entries', () => {
    const entries = kind({ settingList: list, settings: { pageless: true } })
    const wrapper = mount(MakingSheet, { props: { kind: entries }, global })
    expect(wrapper.text()).toContain('How entries of Open night are made')
    expect(wrapper.findAll('input[type=checkbox]')).toHaveLength(1)
  })
})

describe('a field of a kind', () => {
  const use = (field: Partial<Property>, more: Partial<FieldUse> = {}) => ({
    field: { ...newField('Aperture', '', []), ...field },
    own: 0,
    inheriting: 2,
    places: [],
    ...more,
  })
  function card(of: FieldUse, more: object = {}) {
    const holders = { one: 'page', many: 'pages' }
    const props = { use: of, one: 'field' as const, holders, open: true, still: false, ...more }
    const wrapper = mount(FieldCard, { props, global })
    return { wrapper, set: () => (wrapper.emitted('set') ?? []).map((e) => e[0] as Property) }
  }
  const write = async (wrapper: ReturnType<typeof card>['wrapper'], at: string, words: string) => {
    await wrapper.get(at).setValue(words)
    await wrapper.get(at).trigger('blur')
  }

  it('says in a line what it holds, and how many have filled it', () => {
    const { wrapper } = card(use({ type: 'NUMBER', unit: 'mm', required: true }, { own: 3 }), { open: false })
    expect(wrapper.get('header').text()).toMatch(/Aperture.*mm.*asked for.*3 filled/)
    expect(wrapper.find('.more').exists()).toBe(false)
  })

  it('is moved by keys, and opened', async () => {
    const { wrapper } = card(use({}), { open: false })
    await wrapper.get('header').trigger('keydown', { key: 'ArrowDown', altKey: true })
    await wrapper.get('.name').trigger('click')
    expect([wrapper.emitted('move'), wrapper.emitted('open')]).toEqual([[[1]], [[true]]])
  })

  it('has a range whose ends are taken away by emptying them', async () => {
    const { wrapper, set } = card(use({ type: 'NUMBER', range: { min: 1 } }))
    const [from, to] = wrapper.findAll('.pair input')
    await to!.setValue('9')
    await to!.trigger('blur')
    await from!.setValue('')
    await from!.trigger('blur')
    expect(set().map((f) => f.range)).toEqual([{ min: 1, max: 9 }, undefined])
  })

  it('has choices, a line each, which keep what pages hold', async () => {
    const { wrapper, set } = card(
      use({ type: 'CHOICE', choices: [{ value: 'calm', label: 'Calm' }] as never }),
    )
    await write(wrapper, 'textarea', 'Calm\nLoud')
    expect(set()[0]!.choices.map((c) => c.value)[0]).toBe('calm')
    expect(set()[0]!.choices.map((c) => c.label)).toEqual(['Calm', 'Loud'])
  })

  it('says how many follow its default', () => {
    const { wrapper } = card(use({ type: 'WORDS' }, { own: 1 }))
    expect(wrapper.text()).toContain('2 pages follow it; 1 have their own.')
  })

  it('is taken off after it has said what becomes of what it holds', async () => {
    const { wrapper } = card(use({}, { own: 2, places: ['the listing on News'] }))
    await press(wrapper, 'Take it off the form…')
    expect(wrapper.get('[role=alert]').text()).toContain('2 pages keep what they hold in it')
    expect(wrapper.get('[role=alert]').text()).toContain('It no longer shows in the listing on News.')
    await press(wrapper, 'Leave it')
    expect(wrapper.emitted('away')).toBeUndefined()
    await press(wrapper, 'Take it off the form…')
    await press(wrapper, 'Take it off')
    expect(wrapper.emitted('away')).toHaveLength(1)
  })
})

describe('reading a table', () => {
  const read = {
    headings: ['Who', 'Since'],
    columns: ['name', 'since'],
    rows: [
      { number: 2, name: 'Ana', fields: { since: 2019 }, troubles: [] },
      { number: 3, name: '', fields: {}, troubles: ['It has no name.'] },
    ],
  }
  async function open(given = 'Who,Since\nAna,2019\n,2020') {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
    const fields = [{ field: { ...newField('Since', '', []), key: 'since' } }]
    const wrapper = mount(ReadTableSheet, { props: { kind: kind({ fields }), given }, global })
    await vi.advanceTimersByTimeAsync(300)
    vi.useRealTimers()
    await flushPromises()
    return wrapper
  }

  it('says which rows fit and why others don’t, before anything is kept', async () => {
    answers = () => read
    const wrapper = await open()
    expect(wrapper.get('.report').text()).toBe('1 row fits, 1 row does not:')
    expect(wrapper.get('.unfit').text()).toContain('Row 3')
    expect(wrapper.get('.unfit').text()).toContain('It has no name.')
    expect(shown.given).toEqual([])
  })

  it('keeps the rows that fit, once, and stays open for the others', async () => {
    answers = () => read
    const wrapper = await open()
    await press(wrapper, 'Keep 1 entry')
    expect(shown.given).toMatchObject([
      { verb: 'put-entries', kind: 'night', entries: [{ name: 'Ana', fields: { since: 2019 }, reset: [] }] },
    ])
    expect(wrapper.text()).toContain('1 entry kept.')
    expect(wrapper.emitted('close')).toBeUndefined()
  })

  it('lets a column be one thing only', async () => {
    answers = () => read
    const wrapper = await open()
    const sent: { columns: string[] }[] = []
    vi.stubGlobal('fetch', (_: string, init?: RequestInit) => {
      sent.push(JSON.parse(String(init?.body)) as { columns: string[] })
      return Promise.resolve(new Response(JSON.stringify(read)))
    })
    await choose(wrapper, 'Name', 1)
    await flushPromises()
    expect(sent.map((s) => s.columns)).toEqual([['', 'name']])
  })
})
