import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import CarrySheet from './CarrySheet.vue'
import GiveItem from './GiveItem.vue'
import LibraryShelf from './LibraryShelf.vue'
import type { ShelfLine } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { answering } from '@/test/answering'
import { mounting, press } from '@/test/moor'

const BASE = '/sites/moor/library'
const line = (name: string, more: Partial<ShelfLine> = {}): ShelfLine => ({
  id: name.toLowerCase(),
  sort: 'TEMPLATE',
  name,
  note: 'for notes',
  state: 'NOT_HERE',
  adapted: false,
  ...more,
})
const shelf = (items: ShelfLine[], mayGive = true) => ({ [BASE]: { mayGive, items } })

describe('the library', () => {
  it('offers what is not here or has moved on, of the sorts that are asked for', async () => {
    answering(shelf([line('Report'), line('Old', { state: 'HERE' }), line('Dusk', { sort: 'THEME' })]))
    const wrapper = mount(LibraryShelf, { props: { sorts: ['TEMPLATE'] }, global: mounting })
    await flushPromises()
    expect(wrapper.findAll('li').map((l) => l.get('b').text())).toEqual(['Report'])
  })

  it('takes a template for the kind that is to wear it, and says under which id it is here', async () => {
    const sent = answering({ ...shelf([line('Report')]), [`${BASE}/take`]: { step: 3, here: 'report-here' } })
    const props = { sorts: ['TEMPLATE'] as ShelfLine['sort'][], wornBy: 'standard', act: 'Take and wear it' }
    const wrapper = mount(LibraryShelf, { props, global: mounting })
    await flushPromises()
    await press(wrapper, 'Take and wear it')
    expect(sent).toEqual([`POST ${BASE}/take {"item":"report","wornBy":"standard"}`])
    expect(wrapper.emitted('taken')?.[0]?.[1]).toBe('report-here')
  })

  it('says why something could not be taken, and stays as it is', async () => {
    const refused = { status: 403, detail: 'Only managers.', fix: 'Ask one.' }
    answering({ ...shelf([line('Report')]), [`${BASE}/take`]: refused })
    const wrapper = mount(LibraryShelf, { props: { sorts: ['TEMPLATE'] }, global: mounting })
    await flushPromises()
    await press(wrapper, 'Take it')
    expect(wrapper.get('[role=alert]').text()).toBe('Only managers. Ask one.')
    expect(wrapper.emitted('taken')).toBeUndefined()
  })

  it('shows what carrying over would change before it is done', async () => {
    const report = { fresh: [], same: [], differing: [], gone: [], clashing: ['Report'], steps: 1 }
    const part = { section: 's', name: 'Notice', state: 'ADDED', before: [], after: ['What is new'] }
    answering({ [`${BASE}/look`]: { report, parts: [part] } })
    const taken: string[] = []
    const take = (l: ShelfLine) => {
      taken.push(l.id)
      return Promise.resolve('report')
    }
    const props = { line: line('Report', { state: 'BEHIND', adapted: true }), take }
    const wrapper = mount(CarrySheet, { props, global: mounting })
    await flushPromises()
    expect(wrapper.text()).toContain('both changes come together')
    expect(wrapper.get('.parts').text()).toContain('Notice comes')
    expect(wrapper.text()).toContain('What you have here stays in it')
    expect(taken).toEqual([])
    await press(wrapper, 'Carry it over')
    expect(taken).toEqual(['report'])
    expect(wrapper.emitted('close')).toHaveLength(1)
  })
})

describe('giving to all sites', () => {
  const give = async (answers: Record<string, unknown>) => {
    const sent = answering(answers)
    const wrapper = mount(GiveItem, { props: { item: 'plain', name: 'Plain' }, global: mounting })
    await flushPromises()
    return { sent, wrapper }
  }

  it('is offered to whoever may, and tells whether the item has been changed since', async () => {
    expect((await give(shelf([], false))).wrapper.find('button').exists()).toBe(false)
    const { wrapper } = await give(shelf([line('Plain', { here: 'plain', state: 'HERE', adapted: true })]))
    expect(wrapper.text()).toContain('Give it to all sites again')
    expect(wrapper.text()).toContain('It has been changed here since it was given')
  })

  it('says that it is done', async () => {
    const { sent, wrapper } = await give({ ...shelf([]), [`${BASE}/give`]: { mayGive: true, items: [] } })
    await press(wrapper, 'Give it to all sites')
    expect(sent).toEqual([`POST ${BASE}/give {"item":"plain"}`])
    expect(useNotices().list.map((n) => n.says)).toContain('“Plain” is in the library for all sites.')
  })
})
