import { flushPromises, mount } from '@vue/test-utils'
import type { Component } from 'vue'
import { describe, expect, it } from 'vitest'
import type { SiteStanding } from '@/api/types'
import { moor, mounting, NOTHING_COMES, press, row } from '@/test/moor'
import HomeSheet from './HomeSheet.vue'
import RemoveSheet from './RemoveSheet.vue'

const ROWS = [
  row('welcome', { home: true }),
  row('visit', { menus: ['main'] }),
  row('hours', { parent: 'visit' }),
  row('winter', { parent: 'hours' }),
]
const open = (sheet: Component, page: string) => mount(sheet, { props: { page }, global: mounting })
describe('removing a page', () => {
  it('says what goes with it, and removes it', async () => {
    const { given } = moor(ROWS, () => ({ ...NOTHING_COMES, leading: { on: 0, gone: 2 } }))
    const wrapper = open(RemoveSheet, 'visit')
    await flushPromises()
    expect(wrapper.text()).toMatch(/2 addresses say that what\s+stood there is gone/)
    expect(wrapper.text()).toContain('2 pages beneath it go too.')
    expect(wrapper.text()).toContain('1 menu line goes with it.')
    await press(wrapper, 'Remove 3 pages')
    expect(given).toEqual([{ verb: 'remove-page', page: 'visit' }])
    expect(wrapper.emitted('close')).toHaveLength(1)
  })

  it('says less where nothing hangs on it', () => {
    moor(ROWS, () => NOTHING_COMES)
    const words = open(RemoveSheet, 'winter').text()
    expect(words).toContain('Remove the page')
    expect(words).not.toContain('beneath')
    expect(words).not.toContain('menu')
  })

  it('keeps the home page, and says the way out', () => {
    moor(ROWS)
    const wrapper = open(RemoveSheet, 'welcome')
    expect(wrapper.text()).toContain('Make another page the home page first.')
    expect(wrapper.findAll('button').map((b) => b.text())).toEqual(['Close'])
  })
})

describe('making a page the home page', () => {
  it('tells what will change before it does it', async () => {
    const effects = ['/ serves Visit.', 'Welcome is served at /welcome.']
    const { given, asked, site } = moor(ROWS, (path) => (path.endsWith('/home-effects') ? effects : {}))
    site.standing = { homeId: 'welcome' } as SiteStanding
    const wrapper = open(HomeSheet, 'visit')
    await flushPromises()
    expect(asked).toEqual(['/api/sites/moor/pages/visit/home-effects'])
    expect(wrapper.findAll('li').map((l) => l.text())).toEqual(effects)
    await press(wrapper, 'Make it the home page')
    expect(given).toEqual([{ verb: 'make-home', page: 'visit' }])
    expect(wrapper.emitted('close')).toHaveLength(1)
  })

  it('says so where it is the home page already', async () => {
    const { site } = moor(ROWS)
    site.standing = { homeId: 'welcome' } as SiteStanding
    const wrapper = open(HomeSheet, 'welcome')
    await flushPromises()
    expect(wrapper.text()).toContain('It is served at / already.')
    await press(wrapper, 'Close')
    expect(wrapper.emitted('close')).toHaveLength(1)
  })
})
