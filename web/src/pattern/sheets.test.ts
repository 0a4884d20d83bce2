import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { PatternCopies, PatternDetail } from '@/api/types'
import NewPatternSheet from '@/galley/NewPatternSheet.vue'
import { drag } from '@/test/drag'
import { choose, moor, mounting, row } from '@/test/moor'
import GroupsSheet from './GroupsSheet.vue'
import PatternStrip from './PatternStrip.vue'
import PurposeSheet from './PurposeSheet.vue'
import { standing } from './standing'

vi.mock('@/look/dragging', () => import('@/test/drag'))
const pushed = vi.fn()
vi.mock('vue-router', () => ({ useRouter: () => ({ push: pushed }) }))

const PAGE = {
  zones: [
    {
      key: 'main',
      fixed: [{ section: { id: 'f', name: 'Fixed one' } }],
      sections: [{ section: { id: 'a', name: 'Lead' } }, { section: { id: 'b', name: 'Questions' } }],
    },
  ],
}
let given: ReturnType<typeof moor>['given']
beforeEach(() => {
  given = moor([row('visit', { title: 'Visit' })], () => PAGE).given
  pushed.mockClear()
})
const global = mounting

describe('how copies stand', () => {
  it.each([
    [{ inStep: 0, behind: 0, adapted: 0, pages: 0 }, 'It stands on no page yet'],
    [{ inStep: 1, behind: 0, adapted: 0, pages: 1 }, 'On 1 page it stands 1 time: 1 in step'],
    [
      { inStep: 2, behind: 1, adapted: 3, pages: 4 },
      'On 4 pages it stands 6 times: 2 in step, 1 behind, 3 adapted',
    ],
  ])('is said in a sentence', (copies, words) => {
    expect(standing(copies)).toBe(words)
  })
})

describe('the groups', () => {
  const open = () => mount(GroupsSheet, { global, attachTo: document.body })

  it('are named, and moved by buttons, by keys and by dragging', async () => {
    const wrapper = open()
    const name = wrapper.get('[aria-label="Name of the group Calls"]')
    await name.setValue('Ways on')
    await name.trigger('blur')
    await wrapper.get('[aria-label="Voices up"]').trigger('click')
    await flushPromises()
    await wrapper.get('[data-group="Calls"]').trigger('keydown', { key: 'ArrowDown', altKey: true })
    await flushPromises()
    drag(wrapper.get('[data-group="Calls"]'), wrapper.get('[data-group="Voices"]'))
    await flushPromises()
    const moved = { verb: 'order-groups', groups: ['Voices', 'Calls'] }
    expect(given).toMatchObject([
      { verb: 'name-group', group: 'Calls', name: 'Ways on' },
      moved,
      moved,
      moved,
    ])
    expect(wrapper.get('[aria-label="Calls up"]').attributes('disabled')).toBeDefined()
    wrapper.unmount()
  })
})

describe('a pattern', () => {
  const DETAIL = {
    id: 'voice',
    name: 'Voice',
    group: 'Voices',
    note: 'What somebody says',
    retired: false,
    toFill: 2,
    zones: [{ sections: [{}, {}] }],
  } as unknown as PatternDetail
  const COPIES = { inStep: 1, behind: 2, adapted: 0, pages: 2, waiting: 2, some: [] } as PatternCopies
  const strip = (copies: PatternCopies | null) =>
    mount(PatternStrip, { props: { pattern: DETAIL, copies }, global })

  it('says where it is placed once that is known, and what waits to be rolled out', () => {
    expect(strip(null).text()).not.toContain('page')
    expect(strip(COPIES).text()).toContain('on 2 pages')
    expect(strip(COPIES).text()).toContain('2 sections, 2 to fill')
    expect(strip(COPIES).text()).toContain('Roll out to 2 pages…')
  })

  it('is sorted into a group, or into a new one', async () => {
    const give = vi.fn(async () => ({ ok: true }) as never)
    const wrapper = mount(PurposeSheet, { props: { pattern: DETAIL, give }, global })
    await choose(wrapper, 'a new group…')
    await wrapper.get('[aria-label="Name of the new group"]').setValue('Praise')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(give).toHaveBeenCalledWith({ group: 'Praise', note: 'What somebody says' })
    expect(wrapper.emitted('close')).toHaveLength(1)
  })
})

describe('making a pattern', () => {
  it.each([
    ['the page’s own', undefined, ['a', 'b'], 'Whole pages'],
    ['the one that is asked for', ['b'], ['b'], 'Our own'],
    ['those that are chosen, in their order there', ['b', 'f'], ['f', 'b'], 'Our own'],
  ])('keeps of a page’s sections %s', async (_, sections, kept, group) => {
    const wrapper = mount(NewPatternSheet, { props: { page: 'visit', sections, suggested: 'Ours' }, global })
    await flushPromises()
    expect(wrapper.text()).toContain('Fixed one (fixed in the template)')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(given).toMatchObject([
      { verb: 'make-pattern', name: 'Ours', page: 'visit', sections: kept, group },
    ])
    expect(pushed).not.toHaveBeenCalled()
  })

  it('leads to one that is made from nothing', async () => {
    const wrapper = mount(NewPatternSheet, { global })
    await wrapper.get('input').setValue('Alarm')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(given[0]).toMatchObject({ verb: 'make-pattern', name: 'Alarm', group: 'Our own' })
    expect(pushed).toHaveBeenCalledWith(expect.objectContaining({ name: 'pattern' }))
  })
})
