import { flushPromises, mount } from '@vue/test-utils'
import { defineComponent, h, ref, type Component } from 'vue'
import { describe, expect, it } from 'vitest'
import type { PageDetail, PlacedSection, Section } from '@/api/types'
import { newField } from '@/property/fields'
import PropertyInput from '@/property/PropertyInput.vue'
import { moor, mounting } from '@/test/moor'
import ColumnsInput from './ColumnsInput.vue'
import ElementMenu from './ElementMenu.vue'
import ReachSheet from './ReachSheet.vue'
import type { Sheet } from './Sheet'
import { provideGalley, type Galley } from './useGalley'
import WaitingSettings from './WaitingSettings.vue'

const section = {
  id: 's1',
  name: 'Lead',
  columns: [
    { id: 'c1', span: 4, elements: [] },
    { id: 'c2', span: 8, elements: [] },
  ],
  settings: {},
} as unknown as Section
const own = { section, item: 'visit', inner: 's1', reach: 'HERE', pages: 1 } as unknown as PlacedSection

/** A part of the galley of a page with one section, in a zone that takes what is named. */
function within(part: Component, props: object, accepts: string[] = []) {
  const zones = [{ key: 'main', name: 'Main', role: 'MAIN', accepts, fixed: [], sections: [own] }]
  const sheet = ref({ id: 'visit', zones, everywhere: [] } as unknown as Sheet)
  let galley!: Galley
  const around = defineComponent({
    setup() {
      galley = provideGalley(sheet, ref({ id: 'visit' } as PageDetail))
      return () => h(part, props)
    },
  })
  return { wrapper: mount(around, { global: mounting }), galley: () => galley }
}
const names = (wrapper: ReturnType<typeof mount>) => wrapper.findAll('li b').map((b) => b.text())

describe('a setting that waits to be filled', () => {
  it('stands in the card of its section, and is set there', async () => {
    const { site, given } = moor()
    const { wrapper: none } = within(WaitingSettings, { section })
    expect(none.find('.waiting').exists()).toBe(false)
    const words = { ...newField('Anchor', '', []), key: 'anchor' }
    Object.assign(site.catalog!, { sectionSettings: [{ key: 'shape', label: 'Shape', settings: [words] }] })
    const settings = { anchor: { toFill: 'A word' } }
    const { wrapper } = within(WaitingSettings, { section: { ...section, settings } })
    expect(wrapper.find('[data-to-fill]').exists()).toBe(true)
    wrapper.getComponent(PropertyInput).vm.$emit('change', 'here')
    await flushPromises()
    expect(given).toMatchObject([
      { verb: 'set-value', item: 'visit', section: 's1', key: 'anchor', value: 'here' },
    ])
  })
})

describe('the menu of elements', () => {
  const props = { section, column: 'c2', index: 3 }

  it('is narrowed by typing, and places the first with Enter where the section is written', async () => {
    const { given } = moor()
    const { wrapper } = within(ElementMenu, props)
    expect(names(wrapper)).toEqual(['Heading', 'Text', 'Quote'])
    await wrapper.get('input').setValue('somebody')
    expect(names(wrapper)).toEqual(['Quote'])
    await wrapper.get('input').trigger('keydown.enter')
    await flushPromises()
    expect(given).toMatchObject([
      {
        verb: 'place-element',
        item: 'visit',
        section: 's1',
        column: 'c2',
        index: 3,
        kind: 'quote',
        props: {},
      },
    ])
  })

  it('says that nothing is called so, and places nothing', async () => {
    const { given } = moor()
    const { wrapper } = within(ElementMenu, props)
    await wrapper.get('input').setValue('hologram')
    expect(wrapper.text()).toContain('No element is called so.')
    await wrapper.get('input').trigger('keydown.enter')
    await flushPromises()
    expect(given).toEqual([])
  })

  it('offers what the zone takes, and says how much that is', () => {
    moor()
    const { wrapper } = within(ElementMenu, props, ['text', 'quote'])
    expect(names(wrapper)).toEqual(['Text', 'Quote'])
    expect(wrapper.text()).toContain('Main takes 2 of 3 kinds.')
  })
})

describe('the columns of a section', () => {
  it('are shown as they are, and given another shape', async () => {
    const { given } = moor()
    const { wrapper } = within(ColumnsInput, { section })
    const pressed = wrapper.findAll('button').filter((b) => b.attributes('aria-pressed') === 'true')
    expect(pressed.map((b) => b.attributes('aria-label'))).toEqual(['One to two'])
    await wrapper.get('[aria-label=Three]').trigger('click')
    await flushPromises()
    expect(given).toEqual([{ verb: 'set-columns', item: 'visit', section: 's1', spans: [4, 4, 4] }])
  })
})

describe('the reach of a section', () => {
  const effects = [
    { to: 'SHARED', says: 'It can be placed on other pages too.' },
    { to: 'TEMPLATE', says: 'It shows at once on all 12 pages.' },
  ]

  it('is told before it is changed, and changed once however often it is asked', async () => {
    const { given, asked } = moor([], (path) => (path.endsWith('/reaches') ? effects : {}))
    const { wrapper } = within(ReachSheet, { own })
    await flushPromises()
    expect(asked[0]).toBe('/api/sites/moor/pages/visit/sections/s1/reaches')
    expect(wrapper.text()).toContain('It belongs to this page alone.')
    expect(wrapper.text()).toContain('It shows at once on all 12 pages.')
    const make = wrapper.findAll('button').find((b) => b.text() === 'Make it so')!
    await Promise.all([make.trigger('click'), make.trigger('click')])
    await flushPromises()
    expect(given).toEqual([{ verb: 'reach-section', page: 'visit', section: 's1', to: 'SHARED' }])
  })
})
