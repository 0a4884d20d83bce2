import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { moor, mounting, press, row } from '@/test/moor'
import AddressTableSheet from './AddressTableSheet.vue'
import InVainList from './InVainList.vue'
import LeadingTable from './LeadingTable.vue'
import LeadOnSheet from './LeadOnSheet.vue'
import { whyWords } from './trailWords'

const why = { release: 0, who: 'Maja', at: '2020-03-04T10:00:00Z', asked: undefined, idle: false }
const leading = (from: string, more: object = {}) => ({
  from,
  leads: 'SERVED',
  to: '/visit',
  page: 'visit',
  title: 'Visit',
  waits: false,
  why,
  ...more,
})

describe('addresses that lead on', () => {
  it('tell why, and offer what may be done about each', async () => {
    const rows = [
      leading('/old', { why: { ...why, idle: true } }),
      leading('/moved', { why: { ...why, release: 42 } }),
      leading('/shop/*', { leads: 'GONE', waits: true }),
    ]
    const coming = [{ from: '/visit/hours', to: '/hours' }, { from: '/gone' }]
    const { given } = moor([row('visit')], (path) =>
      path.endsWith('/coming') ? coming : { found: 3, moves: 1, hand: 2, rows },
    )
    const wrapper = mount(LeadingTable, { global: mounting })
    await flushPromises()
    expect(wrapper.text()).toContain('1 from moves · 2 by hand')
    expect(wrapper.text()).toContain('moved with release 42')
    expect(wrapper.text()).toContain('/gone → gone (410)')
    await press(wrapper, 'say that it is gone')
    await press(wrapper, 'take it away')
    expect(given).toEqual([
      { verb: 'say-gone', from: '/old' },
      { verb: 'end-leading', from: '/shop/*' },
    ])
  })

  it('say whose doing they are', () => {
    expect(whyWords({ from: '/shop/*', why })).toBe('a whole branch, by Maja, 4 Mar 2020')
    expect(whyWords({ from: '/a', why: { ...why, who: undefined } })).toBe('by hand')
  })

  it('come from a table, those that are refused left out', async () => {
    const rows = [
      { number: 1, from: '/a', to: '/visit', does: 'NEW', why: '' },
      { number: 2, from: '/b', to: '/no', does: 'REFUSED', why: 'No page stands at “/no”.' },
    ]
    const { asked, site } = moor([], (path) => (path.endsWith('/read') ? rows : {}))
    site.refresh = vi.fn()
    const wrapper = mount(AddressTableSheet, { global: mounting })
    await wrapper.find('textarea').setValue('From,To\n/a,/visit\n/b,/no')
    await vi.waitFor(() => expect(wrapper.find('.yes').text()).toBe('Take in 1 row, leave out 1'))
    expect(wrapper.text()).toContain('No page stands at “/no”.')
    await wrapper.find('.yes').trigger('click')
    await flushPromises()
    expect(asked).toContain('/api/sites/moor/addresses/leading/take')
  })

  it('may say that what stood there is gone', async () => {
    const { given } = moor([row('visit')])
    const wrapper = mount(LeadOnSheet, { props: { from: '/shop/*' }, global: mounting })
    expect(wrapper.text()).toContain('A whole branch')
    await wrapper.findAll('[role=radio]').at(-1)?.trigger('click')
    await wrapper.find('form').trigger('submit')
    await flushPromises()
    expect(given).toEqual([{ verb: 'say-gone', from: '/shop/*' }])
  })
})

describe('what is asked for in vain', () => {
  it('is led on, said to be gone, or left', async () => {
    const rows = [
      {
        address: '/open-night',
        times: 3,
        last: '2026-11-20',
        within: true,
        nearest: 'visit',
        title: 'Visit',
      },
    ]
    const { given, asked } = moor([row('visit')], () => ({ days: 90, times: 3, robots: 7, rows }))
    const wrapper = mount(InVainList, { global: mounting })
    await flushPromises()
    expect(wrapper.text()).toContain('7 more by robots')
    await press(wrapper, 'lead there')
    await press(wrapper, 'say it is gone')
    await press(wrapper, 'leave')
    expect(given).toEqual([
      { verb: 'lead-on', from: '/open-night', to: 'page:visit' },
      { verb: 'say-gone', from: '/open-night' },
    ])
    expect(asked).toContain('/api/sites/moor/addresses/in-vain/leave')
  })
})
