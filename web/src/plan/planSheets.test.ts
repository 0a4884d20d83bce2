import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { moor, mounting, press, row } from '@/test/moor'
import BinSheet from './BinSheet.vue'
import FilterLine from './FilterLine.vue'
import { shadeOf } from './lenses'
import PlanTableSheet from './PlanTableSheet.vue'
import SetManySheet from './SetManySheet.vue'

const ROWS = [row('visit', { state: 'DRAFT', toFill: 1 }), row('news', { menus: ['main'] })]
const LYING = {
  page: 'learn',
  title: 'Learn',
  address: '/learn',
  pages: 4,
  live: 3,
  who: 'Maja',
  time: { at: '2026-11-20T10:00:00Z', until: '2026-12-20T10:00:00Z' },
}
beforeEach(() => void vi.useRealTimers())

describe('the bin', () => {
  it('says what is still live and until when it lies there, and brings it back', async () => {
    const { asked, site } = moor(ROWS, (path) => (path.endsWith('/bin') ? { days: 30, rows: [LYING] } : {}))
    site.refresh = vi.fn()
    const wrapper = mount(BinSheet, { global: mounting })
    await flushPromises()
    expect(wrapper.text()).toContain('with 3 pages beneath it')
    expect(wrapper.text()).toContain('3 of 4 still live')
    await press(wrapper, 'Bring back')
    await flushPromises()
    expect(asked).toContain('/api/sites/moor/bin/back')
    expect(wrapper.emitted('back')).toEqual([['learn']])
  })

  it('says so where nothing lies there', async () => {
    moor(ROWS, () => ({ days: 30, rows: [] }))
    const wrapper = mount(BinSheet, { global: mounting })
    await flushPromises()
    expect(wrapper.text()).toContain('Nothing lies here.')
  })
})

describe('the plan as a table', () => {
  const READ = {
    counts: { NEW: 1, MOVED: 1, NOTHING: 3, REFUSED: 1 },
    rows: [
      {
        number: 4,
        title: 'Lost',
        address: '/no/where',
        does: 'REFUSED',
        says: [],
        why: 'No page stands at “/no”.',
      },
      { number: 1, title: 'Courses', address: '/courses', does: 'NEW', says: [], why: '' },
      { number: 2, title: 'Visit', address: '/come', does: 'MOVED', says: ['Address: …/come'], why: '' },
    ],
  }
  it('reports every row that does something or is refused, and takes in the others in one step', async () => {
    const { asked, site } = moor(ROWS, (path) => (path.endsWith('/read') ? READ : {}))
    site.refresh = vi.fn()
    const wrapper = mount(PlanTableSheet, { global: mounting })
    expect(wrapper.find('.yes').attributes('disabled')).toBeDefined()
    await wrapper.find('textarea').setValue('Title,Address\nCourses,/courses')
    await vi.waitFor(() => expect(wrapper.text()).toContain('1 new page'))
    expect(wrapper.text()).toMatch(/0 changed ·\s+1 moved · 3 as they are/)
    expect(wrapper.text()).toMatch(/Row 4 refused\s+Lost \/no\/where\s+No page stands at “\/no”/)
    expect(wrapper.find('.yes').text()).toContain('Take in 2 rows, leave out 1')
    await wrapper.find('.yes').trigger('click')
    await flushPromises()
    expect(asked.at(-1)).toBe('/api/sites/moor/plan/table/take')
    expect(wrapper.emitted('close')).toHaveLength(1)
  })
})

describe('the chips of the plan', () => {
  const kept = [{ name: 'Drafts', asks: 'state=DRAFT', forAll: true }]
  async function line(asked: Record<string, string>) {
    const plan = moor(ROWS, () => kept)
    const wrapper = mount(FilterLine, { props: { modelValue: asked, shown: 1 }, global: mounting })
    await flushPromises()
    return { ...plan, wrapper }
  }
  const asks = (wrapper: Awaited<ReturnType<typeof line>>['wrapper']) =>
    wrapper.emitted('update:modelValue')?.at(-1)?.[0]

  it('turn on and off, and go by their cross', async () => {
    const { wrapper } = await line({ state: 'DRAFT' })
    expect(wrapper.find('[role=status]').text()).toBe('1 page')
    await press(wrapper, 'To fill')
    expect(asks(wrapper)).toEqual({ state: 'DRAFT', fill: '1' })
    await wrapper.find('[aria-label="Not state any more"]').trigger('click')
    expect(asks(wrapper)).toMatchObject({ state: '' })
    await press(wrapper, 'show all')
    expect(asks(wrapper)).toEqual({})
  })

  it('are taken from what is kept, and kept under a name', async () => {
    const { wrapper, asked } = await line({ fill: '1' })
    await press(wrapper, 'Keep it as…')
    await wrapper.find('form input').setValue('To write')
    await wrapper.find('form').trigger('submit')
    await flushPromises()
    expect(asked.filter((a) => a.endsWith('/plan/filters'))).toHaveLength(2)
    await press(wrapper, 'Drafts')
    expect(asks(wrapper)).toEqual({ state: 'DRAFT' })
  })
})

describe('lenses that ask how pages came to be', () => {
  const came = new Map([
    ['visit', { page: 'visit', at: new Date().toISOString(), who: 'Maja', behind: 2, read: 40 }],
    ['news', { page: 'news', at: '2020-01-01T00:00:00Z', who: 'Tomás', behind: 0, read: 2 }],
  ])
  it.each([
    ['lineage', 'visit', 'behind'],
    ['lineage', 'news', 'in step'],
    ['age', 'visit', 'within a day'],
    ['age', 'news', 'longer ago'],
    ['who', 'news', 'Tomás'],
    ['who', 'map', 'as the site began'],
    ['read', 'visit', 'the most read tenth'],
    ['read', 'news', 'read less'],
    ['read', 'map', 'not read in 30 days'],
  ] as const)('by %s of %s say %s', (lens, page, label) => {
    expect(shadeOf(lens, row(page), new Map(), new Map(), came).label).toBe(label)
  })
})

describe('one thing set on many', () => {
  it('is an answer to an option of their template as well as a field', async () => {
    const option = { key: 'more', label: 'More news', type: 'flag', choices: [] }
    moor(ROWS, (path) => (path.includes('/templates/') ? { options: [{ field: option }] } : { fields: [] }))
    const wrapper = mount(SetManySheet, { global: mounting, props: { pages: ['visit', 'news'] } })
    await flushPromises()
    wrapper.findComponent({ name: 'ChoiceOf' }).vm.$emit('update:modelValue', 'option.more')
    await flushPromises()
    wrapper.findComponent({ name: 'PropertyInput' }).vm.$emit('change', 'yes')
    await wrapper.find('form').trigger('submit')
    expect(wrapper.emitted('set')?.[0]).toEqual([
      'More news',
      ['visit', 'news'].map((item) => ({ verb: 'set-value', item, key: 'option.more', value: 'yes' })),
    ])
  })
})
