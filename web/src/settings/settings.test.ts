import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import HostNames from './HostNames.vue'
import { howItWent } from './howItWent'
import RobotsCard from './RobotsCard.vue'
import SiteSettingsScreen from './SiteSettingsScreen.vue'
import SitesScreen from '@/people/SitesScreen.vue'
import { useSession } from '@/session/useSession'
import SourceChoice from '@/setup/SourceChoice.vue'
import { answering } from '@/test/answering'
import { moor, mounting, press } from '@/test/moor'

const settings = (hosts: string[]) => ({ name: 'Yard', language: 'en', timeZone: 'Europe/London', hosts })
const HOSTS = '/sites/moor/hosts'

describe('host names', () => {
  async function open(answer: unknown, hosts = ['yard.localhost', 'www.yard.localhost']) {
    const sent = answering({ [HOSTS]: answer })
    const wrapper = mount(HostNames, { props: { hosts }, global: mounting })
    const add = async (host: string) => {
      await wrapper.get('input').setValue(host)
      await wrapper.get('form').trigger('submit')
      await flushPromises()
    }
    return { wrapper, sent, add }
  }
  const hosts = (sent: string[]) => JSON.parse(sent[0]!.slice(`POST ${HOSTS} `.length)).hosts as string[]

  it('can be added, put first and taken away; its own stays', async () => {
    const put = await open(settings(['www.yard.localhost', 'yard.localhost']))
    expect(put.wrapper.findAll('li')[0]!.findAll('button')).toHaveLength(0)
    await press(put.wrapper, 'Make it its own')
    expect(hosts(put.sent)).toEqual(['www.yard.localhost', 'yard.localhost'])
    expect(put.wrapper.emitted('set')).toHaveLength(1)
    const taken = await open(settings(['yard.localhost']))
    await press(taken.wrapper, 'Take out')
    expect(hosts(taken.sent)).toEqual(['yard.localhost'])
    const more = await open(settings([]))
    await more.add(' yard.example ')
    expect(hosts(more.sent)).toEqual(['yard.localhost', 'www.yard.localhost', 'yard.example'])
    expect(more.wrapper.get('input').element.value).toBe('')
  })

  it('that are refused stay written, with the reason', async () => {
    const { wrapper, add } = await open({
      status: 409,
      detail: 'Belongs to another site.',
      fix: 'Give another.',
    })
    await add('moor.localhost')
    expect(wrapper.get('[role=alert]').text()).toBe('Belongs to another site. Give another.')
    expect(wrapper.get('input').element.value).toBe('moor.localhost')
  })
})

describe('site settings', () => {
  it('offer owners alone to retire the site, and ask first', async () => {
    const answers = {
      '/sites/moor/settings': settings(['yard.localhost']),
      '/sites/moor/deliveries': { all: [], mayChange: true, serverKeys: false, asking: [] },
      '/sites/moor/deliveries/arrived': [],
    }
    const stubs = { ...mounting.stubs, WrittenInput: true, SiteFactsInput: true }
    const sent = answering(answers)
    const wrapper = mount(SiteSettingsScreen, { global: { ...mounting, stubs } })
    await flushPromises()
    expect(wrapper.text()).not.toContain('Retire this site')
    useSession().person = { id: 'maja', owner: true } as never
    await flushPromises()
    await press(wrapper, 'Retire this site')
    expect(wrapper.get('[role=dialog]').text()).toContain('nobody gets Yard under yard.localhost')
    expect(sent).toEqual([])
  })
})

describe('search engines', () => {
  it('are let in by rules that can be tried, and told how telling them went', async () => {
    let may: unknown = { robot: '*', address: '/a', may: false, rule: 'Disallow: /a', agent: '*' }
    moor([], (path) =>
      path.includes('/robots/may')
        ? may
        : path.endsWith('/robots')
          ? { text: 'User-agent: *', waits: true }
          : null,
    )
    const wrapper = mount(RobotsCard, { global: mounting })
    await flushPromises()
    expect(wrapper.get('summary').text()).toContain('changes with the next release')
    await wrapper.get('input[aria-label=Address]').setValue('/a')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(wrapper.get('[role=status]').text()).toMatch(/May not fetch.*Disallow: \/a.*for all robots/s)
    may = { robot: 'Fox', address: '/a', may: true, agent: 'Fox' }
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(wrapper.get('[role=status]').text()).toMatch(/May fetch.*no rule says anything/s)
    const state = { tells: true, host: 'engines.example', addresses: 12, waits: false, says: '' }
    const told = [
      howItWent(true, { ...state, tells: false }),
      howItWent(false, state),
      howItWent(true, { ...state, says: 'it answered 429', waits: true, nextAt: '2026-11-20T10:00:00Z' }),
      howItWent(true, { ...state, at: '2026-11-20T10:00:00Z' }),
    ]
    expect(told.map((t) => t.slice(0, 34))).toEqual([
      'It begins with the next release: e',
      'It ends with the next release.',
      'engines.example can’t be told: it ',
      'engines.example was told 12 addres',
    ])
  })
})

describe('sites', () => {
  const retired = (days: number) => ({
    id: 'old',
    name: 'Old yard',
    language: 'en',
    host: 'old.localhost',
    release: 1,
    changes: 0,
    retiredAt: new Date(Date.now() - days * 86_400_000).toISOString(),
  })
  async function open(days: number) {
    const sent = answering({ '/sites': [], '/retired-sites': [retired(days)] })
    useSession().person = { id: 'maja', owner: true } as never
    const wrapper = mount(SitesScreen, { global: mounting })
    await flushPromises()
    return { wrapper, sent }
  }

  it('that are retired are brought back, and can’t be removed before they have been kept', async () => {
    const { wrapper, sent } = await open(10)
    expect(wrapper.text()).toContain('kept for 20 more days')
    expect(wrapper.text()).not.toContain('Remove for good')
    await press(wrapper, 'Bring back')
    expect(sent).toEqual(['POST /retired-sites/old/bring-back {}'])
  })

  it('go for good only under their typed name', async () => {
    const { wrapper, sent } = await open(31)
    await press(wrapper, 'Remove for good')
    expect(wrapper.get('form .danger').attributes('disabled')).toBeDefined()
    await wrapper.get('form input').setValue('Old yard')
    expect(wrapper.get('form .danger').attributes('disabled')).toBeUndefined()
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(sent).toEqual(['POST /retired-sites/old/remove {"name":"Old yard"}'])
  })
})

describe('what a further site is made of', () => {
  it('is a beginning, a copy with or without content, or a pack', async () => {
    answering({})
    const props = { modelValue: { beginWith: 'small' }, offers: [], sites: [{ id: 'yard', name: 'Yard' }] }
    const stubs = { ...mounting.stubs, BeginningChoice: true }
    const wrapper = mount(SourceChoice, { props: props as never, global: { ...mounting, stubs } })
    const said = () => wrapper.emitted('update:modelValue')?.at(-1)?.[0]
    await press(wrapper, 'A copy of a site')
    expect(said()).toEqual({ beginWith: 'copy', from: 'yard', withContent: false })
    await press(wrapper, 'A pack')
    expect(said()).toEqual({ beginWith: 'pack', from: undefined, withContent: false })
    expect(wrapper.find('input[type=file]').exists()).toBe(true)
    await wrapper.setProps({ sites: [] })
    expect(wrapper.text()).not.toContain('A copy of a site')
    vi.unstubAllGlobals()
  })
})
