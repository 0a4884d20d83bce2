import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, expect, it, vi } from 'vitest'
import type { Fit } from '@/api/types'
import { moor, mounting, press, row } from '@/test/moor'
import FittingSheet from './FittingSheet.vue'
import { frameOf } from './frames'

vi.mock('vue-router', () => ({ useRouter: () => ({}), useRoute: () => ({ params: {} }) }))

const upright = (x: number) => ({ x, y: 6, width: 5, height: 12, ink: 'WASH' })
const template = (id: string, ...marks: object[]) =>
  ({ id, name: `T ${id}`, glyph: { marks }, retired: false, pages: 1, sections: 0 }) as never
const TEMPLATES = [
  template('a'),
  template('b', upright(2)),
  template('c', upright(23)),
  template('d'),
  template('e'),
]
const fit = (id: string, more: Partial<Fit> = {}) => ({
  template: id,
  shelved: [],
  returning: [],
  gains: [],
  loses: [],
  worn: false,
  kindsOwn: false,
  ...more,
})
const FITS = [fit('a'), fit('b'), fit('c', { shelved: ['Dates'] }), fit('d', { worn: true })]

const SHEET = {
  html: '',
  page: { id: 'visit', revision: '1', zones: [], everywhere: [], shelf: [], options: [], settings: {} },
}

let given: unknown[]
async function open() {
  const shown = moor([row('visit')], (path) =>
    path.endsWith('/fitting') ? FITS : path.endsWith('/extremes') ? [] : SHEET,
  )
  given = shown.given
  shown.site.catalog!.templates = TEMPLATES
  const wrapper = mount(FittingSheet, { props: { page: 'visit' }, global: mounting })
  await flushPromises()
  const names = (what: string) => wrapper.findAll(what).map((n) => n.text())
  const lay = async (name: string) =>
    wrapper
      .findAll('.all button')
      .find((b) => b.text().startsWith(name))!
      .trigger('click')
  return { wrapper, lay, hand: () => names('.all .cut'), side: () => names('.fits b') }
}
beforeEach(() => (given = []))

it('has all templates at hand, and the worn one beside two others', async () => {
  const { wrapper, hand, side } = await open()
  expect(hand()).toEqual(['T a', 'T b', 'T c', 'T d'])
  expect(side()).toEqual(['T d', 'T a', 'T b'])
  expect(wrapper.text()).toContain('1 more template is not for')
})

it('compares any three: one more makes the first give way, but for the worn one', async () => {
  const { wrapper, lay, side } = await open()
  await lay('T c')
  expect(side()).toEqual(['T d', 'T b', 'T c'])
  await lay('T b')
  expect(side()).toEqual(['T d', 'T c'])
  expect(wrapper.get('.loss').text()).toBe('◇ To the shelf: Dates.')
  await press(wrapper, 'Take this')
  expect(given).toEqual([{ verb: 'choose-template', pages: ['visit'], template: 'c' }])
})

it('shows those of one frame alone when asked', async () => {
  const { wrapper, hand } = await open()
  await wrapper
    .findAll('.frames [role=radio]')
    .find((r) => r.text() === 'column left')!
    .trigger('click')
  expect(hand()).toEqual(['T b'])
  expect(frameOf(template('f', upright(2), upright(23)))).toBe('both')
})
