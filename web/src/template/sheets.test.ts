import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { TemplateDetail } from '@/api/types'
import { newField } from '@/property/fields'
import { moor, mounting, press, choose } from '@/test/moor'
import FrameSheet from './FrameSheet.vue'
import RemoveTemplateSheet from './RemoveTemplateSheet.vue'
import WearersSheet from './WearersSheet.vue'
import ZonesSheet from './ZonesSheet.vue'
import { drag } from '@/test/drag'

vi.mock('@/look/dragging', () => import('@/test/drag'))

const pushed = vi.fn()
vi.mock('vue-router', () => ({ useRouter: () => ({ push: pushed }) }))

const template = (more: object = {}) =>
  ({
    id: 'wide',
    name: 'Wide picture',
    note: 'A picture behind the title',
    pages: 12,
    wearing: [{ id: 'visit', title: 'Visit', address: '/visit' }],
    frame: { band: 'picture' },
    frameSettings: [{ ...newField('Band', '', []), key: 'band' }],
    zones: [
      { key: 'main', name: 'Main', role: 'MAIN', accepts: [], sections: [{}, {}] },
      { key: 'side', name: 'Side column', role: 'RIGHT', accepts: ['text'], sections: [] },
    ],
    ...more,
  }) as unknown as TemplateDetail
let given: ReturnType<typeof moor>['given']
beforeEach(() => {
  given = moor().given
  pushed.mockClear()
})
const global = mounting

describe('the zones of a template', () => {
  const open = () => mount(ZonesSheet, { props: { template: template() }, global })
  const sent = () => (given.at(-1) as unknown as { zones: { name: string; role: string }[] }).zones

  it('are made in a part of the page, each under a name of its own', async () => {
    const wrapper = open()
    await wrapper.get('.FOOT .textlink').trigger('click')
    await wrapper.get('.RIGHT .textlink').trigger('click')
    await flushPromises()
    expect(given.map((c) => c.verb)).toEqual(['set-zones', 'set-zones'])
    expect(sent().map((z) => `${z.role} ${z.name}`)).toEqual([
      'MAIN Main',
      'RIGHT Side column',
      'FOOT Above the footer',
      'RIGHT Side column 3',
    ])
  })

  it('are removed where they are empty only', async () => {
    const wrapper = open()
    expect(wrapper.find('[aria-label="Remove the zone Main"]').exists()).toBe(false)
    await wrapper.get('[aria-label="Remove the zone Side column"]').trigger('click')
    await flushPromises()
    expect(sent().map((z) => z.name)).toEqual(['Main'])
  })

  it('are dragged to another part, or moved there by their menu', async () => {
    const wrapper = open()
    drag(wrapper.get('.RIGHT .zone'), wrapper.get('.LEFT'))
    await flushPromises()
    expect(sent().map((z) => z.role)).toEqual(['MAIN', 'LEFT'])
    await choose(wrapper, 'Above', 0)
    await flushPromises()
    expect(sent().map((z) => z.role)).toEqual(['MAIN', 'TOP'])
  })

  it('go back to what they were where the change is refused, and say why', async () => {
    const wrapper = open()
    const refusal = { code: 'zone-in-use', detail: 'A page keeps sections there.', fix: 'Move them first.' }
    vi.stubGlobal('fetch', () => Promise.resolve(new Response(JSON.stringify(refusal), { status: 409 })))
    await wrapper.get('[aria-label="Remove the zone Side column"]').trigger('click')
    await flushPromises()
    expect(wrapper.get('[role=alert]').text()).toContain('A page keeps sections there.')
    expect(wrapper.find('.RIGHT .zone').exists()).toBe(true)
  })
})

describe('a template’s other sheets', () => {
  it('removing asks for a successor first, then leads back to the list', async () => {
    const wrapper = mount(RemoveTemplateSheet, { props: { template: template() }, global })
    expect(wrapper.text()).toContain('12 pages wear it and will wear another.')
    expect(wrapper.findAll('[role=radio]').map((o) => o.text())).toEqual(['Plain'])
    expect(wrapper.get('.danger').attributes('disabled')).toBeDefined()
    await choose(wrapper, 'Plain')
    await press(wrapper, 'Remove it')
    expect(given).toEqual([{ verb: 'remove-template', template: 'wide', successor: 'plain' }])
    expect(pushed).toHaveBeenCalledWith({ name: 'templates' })
  })

  it('the frame is set part by part', async () => {
    const wrapper = mount(FrameSheet, { props: { template: template() }, global })
    expect(wrapper.text()).toContain('shows at once on 12 pages')
    await wrapper.get('input').setValue('words')
    expect(wrapper.emitted('set')).toEqual([['band', 'words']])
  })

  it('who wears it is told, and how many more', async () => {
    const wrapper = mount(WearersSheet, { props: { template: template() }, global })
    expect(wrapper.text()).toContain('Worn by 12 pages')
    expect(wrapper.text()).toContain('and 11 more')
    await wrapper.get('input').setValue('Words in front')
    await wrapper.get('input').trigger('blur')
    expect(wrapper.emitted('note')).toEqual([['Words in front']])
  })
})
