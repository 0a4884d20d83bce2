import { flushPromises, mount } from '@vue/test-utils'
import { expect, it } from 'vitest'
import type { Layouts, Property } from '@/api/types'
import { newField } from '@/property/fields'
import { chooseOf, moor, mounting } from '@/test/moor'
import LayoutsSheet from './LayoutsSheet.vue'

const LAYOUTS: Layouts = {
  matching: 3,
  past: 2,
  layouts: [
    { key: 'cards', name: 'Cards', note: '', whyNot: '' },
    { key: 'table', name: 'Table', note: 'visitors can sort', whyNot: '' },
    { key: 'gallery', name: 'Gallery', note: '', whyNot: 'needs pictures: none of these has one' },
  ],
}
const PROPERTIES = [
  { ...newField('Layout', 'Layout', []), key: 'shape', type: 'CHOICE', fallback: 'cards' },
  { ...newField('Cut', 'Shown of each', []), key: 'crop', onlyWhen: 'shape=cards|rows' },
  { ...newField('Reveal', '', []), key: 'reveal' },
] as Property[]

async function open(props: Record<string, unknown> = {}) {
  const shown = moor([], () => LAYOUTS)
  const wrapper = mount(LayoutsSheet, {
    props: {
      at: { item: 'nights', section: 's2' },
      name: 'Coming nights',
      element: { id: 'e2', kind: 'listing', props } as never,
      properties: PROPERTIES,
    },
    global: mounting,
  })
  await flushPromises()
  return { wrapper, ...shown, told: () => wrapper.emitted('set') ?? [] }
}

it('draws every layout on what is listed, and says what matches and whom one does not suit', async () => {
  const { wrapper, asked } = await open()
  expect(asked.some((path) => path.includes('/listings/nights/s2/e2'))).toBe(true)
  expect(wrapper.text()).toContain('3 entries match · 2 are past')
  expect(wrapper.findAll('label .row-flex').map((l) => l.text().replace(/\s+/g, ' '))).toEqual([
    'Cards taken now',
    'Table visitors can sort',
    'Gallery needs pictures: none of these has one',
  ])
  expect(wrapper.find('.pale').text()).toContain('Gallery')
  const drawing = wrapper.get('proof-frame-stub')
  expect(drawing.attributes('path')).toBe('listing/nights')
  expect(drawing.attributes('query')).toMatch(/^section=s2&element=e2&hard=as_it_is&step=-?\d+&layout=cards$/)
})

it('takes one; the usual one is none of its own', async () => {
  const { wrapper, told } = await open({ shape: 'table' })
  const radios = wrapper.findAll('input[name=layout]')
  await radios[0]!.trigger('change')
  await radios[2]!.trigger('change')
  expect(told()).toEqual([
    ['shape', undefined],
    ['shape', 'gallery'],
  ])
})

it('tries them on harder content and narrow, and names what a layout has no use for', async () => {
  const { wrapper } = await open({ shape: 'table' })
  await chooseOf(wrapper, 'Tried on', 'longest words')
  await chooseOf(wrapper, 'Width', 'narrow')
  expect(wrapper.get('proof-frame-stub').attributes('query')).toContain('hard=longest')
  expect(wrapper.get('proof-frame-stub').attributes('width')).toBe('390')
  expect(wrapper.get('.silent').text()).toContain('kept: cut.')
  expect((await open()).wrapper.find('.silent').exists()).toBe(false)
})
