import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { moor, mounting, press } from '@/test/moor'
import AsideSheet from './AsideSheet.vue'
import SitemapPane from './SitemapPane.vue'
import SoughtPane from './SoughtPane.vue'
import SurveyScreen from './SurveyScreen.vue'

const route = { query: {} as Record<string, string> }
const pushed = vi.fn()
vi.mock('vue-router', () => ({ useRouter: () => ({ push: pushed }), useRoute: () => route }))

const rule = (key: string, name: string, severity: string) => ({ key, name, severity, why: 'It matters.' })
const RULES = [
  rule('broken-link', 'Broken link', 'MUST_FIX'),
  rule('contrast', 'Colours too close', 'SHOULD_FIX'),
  rule('orphan', 'Page nothing leads to', 'SHOULD_FIX'),
]
const MEND = {
  label: 'Take #101010',
  command: { verb: 'set-value', item: 'dusk', key: 'colourWords', value: '#101010' },
}
const found = (key: string, item: string, page: boolean, more: object = {}) => ({
  finding: { rule: key, item, severity: 'MUST_FIX', says: 'It is so.', mends: [], ...more },
  name: item,
  address: page ? `/${item}` : '',
  page,
})
const FINDINGS = {
  rules: RULES,
  findings: [
    found('broken-link', 'visit', true, { section: 's1' }),
    found('contrast', 'dusk', false, { mends: [MEND] }),
  ],
  mustFix: 1,
  shouldFix: 1,
  notes: 0,
  aside: [
    {
      found: {
        finding: { rule: 'orphan', item: 'map', says: 'Nothing leads there.', mends: [] },
        name: 'Map',
        address: '/map',
        page: true,
      },
      reason: 'For the press',
      who: 'Maja',
      at: '2026-11-20T10:00:00Z',
    },
  ],
}
const TABLE = {
  address: 'http://moor.localhost/sitemap.xml',
  held: 1,
  count: { ALL: 3, ODDS: 1, DIFFERING: 1, OUT: 1 },
  rows: [
    {
      page: 'visit',
      title: 'Visit',
      address: '/visit',
      state: 'LIVE',
      menus: ['Main'],
      lastChanged: '2026-11-20T10:00:00Z',
      level: 0,
      status: 200,
      next: 'CHANGES',
      odds: [],
    },
    {
      page: 'draft',
      title: 'Draft',
      address: '/draft',
      state: 'DRAFT',
      menus: [],
      whyNot: 'a draft, not released yet',
      level: 1,
      status: 404,
      next: 'STAYS',
      odds: ['Its line waits.'],
    },
  ],
}
let shown: ReturnType<typeof moor>
beforeEach(() => {
  route.query = {}
  pushed.mockClear()
  shown = moor([], (path) => (path.endsWith('/survey') ? FINDINGS : TABLE))
})
async function open(part: typeof SurveyScreen | typeof SitemapPane = SurveyScreen) {
  const wrapper = mount(part, { global: mounting })
  await flushPromises()
  return wrapper
}

describe('the survey', () => {
  it('goes rule by rule, and says which found nothing', async () => {
    const wrapper = await open()
    expect(wrapper.findAll('h2').map((h) => h.text())).toEqual([
      '◆ Broken link',
      '◇ Colours too close',
      'Set aside',
    ])
    expect(wrapper.get('.clean').text()).toBe('● Nothing found by: page nothing leads to.')
  })

  it('mends in one click, and leads to where it is', async () => {
    const wrapper = await open()
    await press(wrapper, 'Take #101010')
    expect(shown.given).toEqual([MEND.command])
    const [visit, dusk] = wrapper.findAll('.name')
    await visit!.trigger('click')
    await dusk!.trigger('click')
    expect(pushed.mock.calls.map(([to]) => to as object)).toEqual([
      { name: 'page', params: { page: 'visit' }, query: { section: 's1' } },
      { name: 'theme' },
    ])
  })

  it('shows one rule alone where it is asked for', async () => {
    route.query = { rule: 'contrast' }
    const wrapper = await open()
    expect(wrapper.findAll('h2').map((h) => h.text())).toEqual(['◇ Colours too close'])
    expect(wrapper.text()).toContain('Show all rules')
  })

  it('sets findings aside with a reason, and brings them back', async () => {
    const wrapper = await open()
    expect(wrapper.text()).toMatch(/Map.*Nothing leads there\..*“For the press”.*Maja, 20 Nov/s)
    await press(wrapper, 'Bring back')
    expect(shown.asked.some((path) => path.endsWith('/survey/back'))).toBe(true)
    await press(wrapper, 'Aside…')
    const sheet = wrapper.getComponent(AsideSheet)
    expect(sheet.get('button[type=submit]').attributes('disabled')).toBeDefined()
    await sheet.get('input').setValue('It is meant so')
    await sheet.get('form').trigger('submit')
    await flushPromises()
    expect(shown.asked.some((path) => path.endsWith('/survey/aside'))).toBe(true)
    expect(wrapper.findComponent(AsideSheet).exists()).toBe(false)
  })

  it('looks again after each step', async () => {
    await open()
    shown.site.step = 9
    await flushPromises()
    expect(shown.asked.filter((path) => path.endsWith('/survey'))).toHaveLength(2)
  })
})

describe('what was sought in vain', () => {
  it('stands with how often and when last, and says so where there is none', async () => {
    let missed = [{ words: 'car park', times: 3, last: '2026-11-20' }]
    shown = moor([], () => ({ days: 90, missed }))
    const rows = (await open(SoughtPane)).findAll('tbody tr')
    expect(rows.map((r) => r.text())).toEqual([expect.stringMatching(/car park.*3 times.*20/)])
    missed = []
    expect((await open(SoughtPane)).text()).toContain('Nobody has looked for anything in vain.')
  })
})

describe('the sitemap', () => {
  it('stands beside plan, menus, live answer and next release, and is asked for further', async () => {
    const wrapper = await open(SitemapPane)
    expect(wrapper.text()).toContain('holds 1 address.')
    const rows = wrapper.findAll('tbody tr').map((r) => r.text().replace(/\s+/g, ' '))
    expect(rows[0]).toMatch(/Visit.*Main.*changed 20 Nov 2026.*200 shown.*tells of a change/)
    expect(rows[1]).toMatch(/◇ Its line waits.*⊘ a draft, not released yet.*404 not there.*draft/)
    await press(wrapper, 'Show more of 3')
    expect(shown.asked.at(-1)).toBe('/api/sites/moor/sitemap?show=ALL&from=2')
    await press(wrapper, 'does not agree 1')
    await flushPromises()
    expect(shown.asked.at(-1)).toBe('/api/sites/moor/sitemap?show=ODDS')
  })

  it('is shown as search engines get it', async () => {
    const wrapper = await open(SitemapPane)
    await press(wrapper, 'As XML')
    expect(shown.asked.at(-1)).toBe('/api/sites/moor/sitemap.xml')
    expect(wrapper.find('pre').exists()).toBe(true)
    await press(wrapper, 'As a table')
    expect(wrapper.find('table').exists()).toBe(true)
  })
})
