import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { choose, chooseOf, moor, mounting, press, row } from '@/test/moor'
import MenuSheet from './MenuSheet.vue'

const route = { query: { menu: 'main' }, params: {} }
const replaced: unknown[] = []
vi.mock('vue-router', () => ({
  useRoute: () => route,
  useRouter: () => ({ replace: (to: unknown) => void replaced.push(to), push: () => {} }),
}))

const line = (id: string, more: object = {}) => ({
  id,
  link: `page:${id}`,
  takes: id,
  leads: `/${id}`,
  follows: 0,
  settings: {},
  following: [],
  beneath: [],
  ...more,
})
const LINES = [line('visit', { beneath: [line('hours')] }), line('news'), line('lost', { leads: undefined })]

async function open(lines = LINES, more = {}) {
  const menu = {
    id: 'main',
    revision: 'r1',
    name: 'Main',
    places: ['headerMenu'],
    sections: [],
    lines,
    ...more,
  }
  const plan = moor([row('visit'), row('people')], (path) => (path.includes('/menus/') ? menu : {}))
  const wrapper = mount(MenuSheet, { global: mounting })
  await flushPromises()
  const sent = () => plan.given.map((c) => (c as unknown as { lines: { id: string }[] }).lines)
  const act = (name: string) => wrapper.find(`[aria-label="${name}"]`).trigger('click').then(flushPromises)
  return { wrapper, given: sent, act, upon: plan.upon }
}

describe('the lines of a menu', () => {
  it('stand with what they say and where they lead, those beneath another with it', async () => {
    const { wrapper } = await open()
    const rows = wrapper.findAll('li')
    expect(rows.map((r) => r.find('input').attributes('placeholder'))).toEqual([
      'visit',
      'hours',
      'news',
      'lost',
    ])
    expect(rows.map((r) => r.attributes('style'))).toEqual([
      'margin-left: 0px;',
      'margin-left: 26px;',
      'margin-left: 0px;',
      'margin-left: 0px;',
    ])
    expect(rows[3]!.text()).toContain('a page that is gone')
  })

  it('are given as a whole, upon what was seen', async () => {
    const { act, given, upon } = await open()
    await act('Down: visit')
    await act('Beneath the line before it: news')
    await act('Take out visit')
    expect(given().map((lines) => lines.map((l) => l.id))).toEqual([
      ['news', 'visit', 'lost'],
      ['visit', 'lost'],
      ['news', 'lost'],
    ])
    expect(upon[0]).toEqual({ main: 'r1' })
  })

  it('are for whoever may open their page, or for fewer', async () => {
    const { wrapper, given, act } = await open()
    await act('To whom news is shown')
    await chooseOf(wrapper, 'To whom news is shown', 'strangers')
    expect(given()[0]![1]).toMatchObject({ id: 'news', settings: { shownTo: 'strangers' } })
    const set = await open([line('news', { settings: { shownTo: 'members' } })])
    await chooseOf(set.wrapper, 'To whom news is shown', 'everyone')
    expect(set.given()[0]![0]).toMatchObject({ id: 'news', settings: {} })
  })

  it('take words of their own, and give them up again', async () => {
    const { wrapper, given } = await open([line('news', { label: 'What is new' })])
    const input = wrapper.find('li input')
    await input.setValue('  ')
    await input.trigger('blur')
    await flushPromises()
    expect(given()).toEqual([[{ id: 'news', link: 'page:news', follows: 0, settings: {}, beneath: [] }]])
  })

  it('lead outside where they are given words', async () => {
    const { wrapper, given } = await open([])
    expect(wrapper.text()).toContain('visitors don’t see this menu')
    await press(wrapper, 'Add a line…')
    await wrapper.find('[aria-label="A page’s name, or an address"]').setValue('https://tickets.example/')
    await wrapper.findAll('form')[0]!.trigger('submit')
    await wrapper.find('[aria-label="What the new line says"]').setValue('Tickets ')
    await wrapper.find('form.new').trigger('submit')
    await flushPromises()
    expect(given()[0]).toMatchObject([{ link: 'https://tickets.example/', label: 'Tickets' }])
  })

  it('have the pages of a branch beneath them by themselves, until these are written out', async () => {
    const { wrapper, given } = await open([
      line('visit', {
        follows: 1,
        following: [line('hours', { beneath: [line('late')] }), line('way')],
        beneath: [line('own')],
      }),
    ])
    expect(wrapper.findAll('li').map((r) => r.find('input').exists())).toEqual([
      true,
      false,
      false,
      false,
      true,
    ])
    await choose(wrapper, 'Its pages, two levels', 1)
    expect(given()[0]).toMatchObject([{ id: 'visit', follows: 2 }])
    await press(wrapper, 'Write them out')
    expect(given()[1]).toMatchObject([
      {
        follows: 0,
        beneath: [
          { link: 'page:hours', beneath: [{ link: 'page:late' }] },
          { link: 'page:way' },
          { id: 'own' },
        ],
      },
    ])
  })

  it('say where the menu is shown, and offer places where that is nowhere', async () => {
    const { wrapper } = await open([], { places: [], sections: [] })
    expect(wrapper.text()).toContain('Shown nowhere yet')
    expect(wrapper.text()).toContain('the header, instead of Main')
    const shown = await open([], { sections: [{ id: 'p', sort: 'PAGE', name: 'Welcome' }] })
    expect(shown.wrapper.text()).toMatch(/Shown in\s*the header[^]*a section of\s+Welcome/)
  })
})
