import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Coming } from '@/api/types'
import { moor, mounting, NOTHING_COMES, press, row } from '@/test/moor'
import ManyCard from './ManyCard.vue'
import ManySheet from '@/together/ManySheet.vue'
import MoveSheet from './MoveSheet.vue'
import OrderSheet from './OrderSheet.vue'

const ROWS = [row('visit', { menus: ['main'] }), row('hours', { parent: 'visit' }), row('news')]
const withdraw = (page: string) => ({ verb: 'withdraw-page' as const, page, withdrawn: true })

async function sheet(commands: ReturnType<typeof withdraw>[], coming: Coming) {
  const plan = moor(ROWS, () => coming)
  const props = {
    title: 'Take off',
    yes: 'Do it',
    name: 'take off',
    commands,
    of: commands.map((c) => c.page),
  }
  const wrapper = mount(ManySheet, { props, global: mounting })
  await flushPromises()
  return { ...plan, wrapper }
}

describe('many pages at once', () => {
  it('leaves out what is refused, says why, and gives the rest as one step', async () => {
    const refused = [
      { at: 1, code: 'home-stays', says: 'It is the home page.', fix: 'Make another one home.' },
    ]
    const { wrapper, given } = await sheet([withdraw('visit'), withdraw('news')], {
      ...NOTHING_COMES,
      refused,
      refusals: 1,
    })
    expect(wrapper.text()).toContain('1 of 2 can be done.')
    expect(wrapper.text()).toContain('news: It is the home page. Make another one home.')
    await press(wrapper, 'Do it')
    await wrapper.find('form').trigger('submit')
    await flushPromises()
    expect(given).toEqual([{ verb: 'together', name: 'take off', commands: [withdraw('visit')] }])
  })

  it('asks over ten pages, and does nothing where more are refused than are told', async () => {
    const many = Array.from({ length: 11 }, (_, i) => withdraw(`p${i}`))
    const asked = await sheet(many, NOTHING_COMES)
    await asked.wrapper.find('form').trigger('submit')
    expect(asked.given).toEqual([])
    const untold = await sheet([withdraw('visit')], { ...NOTHING_COMES, refusals: 50 })
    await untold.wrapper.find('form').trigger('submit')
    expect([untold.given, untold.wrapper.text().includes('Choose fewer pages.')]).toEqual([[], true])
  })

  it('removes what stands beneath another chosen page with that', async () => {
    moor(ROWS, () => NOTHING_COMES)
    const wrapper = mount(ManyCard, { props: { pages: ['visit', 'hours', 'news'] }, global: mounting })
    await press(wrapper, 'Remove')
    expect(wrapper.findComponent(ManySheet).props('commands')).toEqual([
      { verb: 'remove-page', page: 'visit' },
      { verb: 'remove-page', page: 'news' },
    ])
  })
})

describe('a move', () => {
  it('of more than ten addresses is meant only when somebody says so', async () => {
    moor(ROWS)
    const coming = { ...NOTHING_COMES, moves: 12, leading: { on: 11, gone: 0 } }
    const props = { title: 'Visit', to: 'to the top', why: 'stand beneath News only', coming, lines: [] }
    const wrapper = mount(MoveSheet, { props, global: mounting })
    expect(wrapper.text()).toContain('12 pages get another address')
    expect(wrapper.text()).toContain('Against the rules of placement: stand beneath News only.')
    await wrapper.find('form').trigger('submit')
    expect(wrapper.emitted('answer')).toBeUndefined()
  })
})

describe('an order', () => {
  it('is given once, or from now on', async () => {
    const told = { by: 'date', down: true, fields: [{ key: 'date', label: 'Published' }] }
    const { given } = moor(ROWS, () => told)
    const wrapper = mount(OrderSheet, { props: { page: 'news' }, global: mounting })
    await flushPromises()
    expect(wrapper.text()).toContain('These pages keep themselves in order')
    await wrapper.find('form').trigger('submit')
    await flushPromises()
    expect(given).toEqual([{ verb: 'order-beneath', page: 'news', by: 'date', down: true, always: true }])
  })
})
