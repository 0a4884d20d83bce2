import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import type { GateTold, PageDetail } from '@/api/types'
import { useSession } from '@/session/useSession'
import { choose, moor, mounting as global, press, row } from '@/test/moor'
import GateCard from './GateCard.vue'
import GateManySheet from './GateManySheet.vue'
import { gateLanes } from './gates'
import WalkLinks from './WalkLinks.vue'

const GROUPS = [
  { id: 'crew', name: 'Crew', note: '' },
  { id: 'friends', name: 'Friends', note: '' },
]
const LANES = gateLanes(GROUPS)
const PROOFS = 'http://moor.localhost/-/proof/PASS/'

function room(answers: (path: string) => unknown = () => ({})) {
  const all = moor([row('rota'), row('visit')], answers)
  all.site.catalog = { ...all.site.catalog!, groups: GROUPS }
  all.site.standing = { ...all.site.standing!, proofs: PROOFS, release: 4 }
  return all
}

describe('walking the site as others', () => {
  const open = (release = 4) => {
    room().site.standing!.release = release
    return mount(WalkLinks, {
      props: { lanes: LANES, address: '/members/rota?a=b', modelValue: 'stranger' },
      global,
    })
  }

  it('begins at the page that is chosen, in a window of its own, as whoever is chosen', async () => {
    const wrapper = open()
    expect(wrapper.findAll('button[aria-pressed]').map((b) => b.text())).toEqual([
      'a stranger',
      'Crew',
      'Friends',
      'one of us',
    ])
    await press(wrapper, 'Crew')
    expect(wrapper.emitted('update:modelValue')).toEqual([['crew']])
    await wrapper.setProps({ modelValue: 'crew' })
    const hrefs = wrapper.findAll('[href]').map((a) => a.attributes('href'))
    expect(hrefs).toEqual([
      'http://moor.localhost/-/walk/PASS/crew/working?to=%2Fmembers%2Frota%3Fa%3Db',
      'http://moor.localhost/-/walk/PASS/crew/live?to=%2Fmembers%2Frota%3Fa%3Db',
    ])
    expect(wrapper.findAll('[href]').every((a) => a.attributes('rel') === 'noopener')).toBe(true)
  })
})

describe('who may see several pages', () => {
  it('is chosen once, told in words, and given for each; nothing before a group is chosen', async () => {
    room()
    const wrapper = mount(GateManySheet, { props: { pages: ['rota', 'visit'] }, global })
    await choose(wrapper, 'some groups…')
    expect(wrapper.get('.ink').attributes('disabled')).toBeDefined()
    await wrapper.findAll('[type=checkbox]')[0]!.setValue(true)
    await choose(wrapper, 'doesn’t learn that it is there', 1)
    await press(wrapper, 'See what comes of it…')
    const [title, commands] = wrapper.emitted('set')![0] as [string, object[]]
    expect(title).toBe('Open 2 pages to Crew alone')
    expect(commands).toEqual([
      { verb: 'set-gate', items: ['rota'], who: 'groups', groups: ['crew'], hidden: true },
      { verb: 'set-gate', items: ['visit'], who: 'groups', groups: ['crew'], hidden: true },
    ])
    await choose(wrapper, 'as above them')
    await press(wrapper, 'See what comes of it…')
    expect(wrapper.emitted('set')![1]![0]).toBe('Leave who may see 2 pages to what stands above')
  })
})

describe('the card of who may see the chosen page', () => {
  const told: GateTold = { who: 'MEMBERS', groups: [], hidden: false, source: 'BRANCH', from: 'members' }
  const finding = (rule: string, says: string) => ({
    rule,
    says,
    severity: 'NOTE',
    item: 'rota',
    why: '',
    mends: [],
  })
  const detail = (more: Partial<PageDetail> = {}) => ({
    id: 'rota',
    title: 'Night rota',
    address: '/members/rota',
    template: 'plain',
    home: false,
    parent: 'members',
    zones: [],
    everywhere: [],
    gate: { told, beneath: 3, otherwise: 1 },
    findings: [finding('gate-at-odds', 'Kept out besides.'), finding('to-fill', 'One place to fill.')],
    ...more,
  })
  let page: object
  beforeEach(() => (page = detail()))

  async function card(as: string, manager = true) {
    room((path) => (path.endsWith('/sheet') ? { page, html: '' } : {}))
    useSession().person = { ...useSession().person!, owner: manager }
    const wrapper = mount(GateCard, { props: { page: 'rota', lanes: LANES, as }, global })
    await flushPromises()
    return wrapper
  }

  it('shows what a stranger and one of those chosen meet, from where it is said and how far it reaches', async () => {
    const wrapper = await card('friends')
    const shown = wrapper.findAll('figcaption').map((f) => f.text())
    expect(shown[0]).toContain('A stranger')
    expect(shown[0]).toContain('is asked to sign in')
    expect(shown[1]).toContain('Friends')
    expect(shown[1]).toContain('reads it')
    expect(wrapper.text()).toContain('Holds for 3 pages beneath; 1 says otherwise.')
    expect(wrapper.text()).toContain('not open to everyone')
    expect(wrapper.text(), 'only what is found of its gate').toContain('Kept out besides.')
    expect(wrapper.text()).not.toContain('One place to fill.')
    expect(wrapper.findAll('proof-frame-stub').map((f) => f.attributes('query'))).toEqual([
      expect.stringMatching(/^as=stranger&at=/),
      expect.stringMatching(/^as=friends&at=/),
    ])
  })

  it('says where the home page is closed', async () => {
    page = detail({ home: true })
    const wrapper = await card('crew')
    expect(wrapper.text()).toContain('The home page is closed with the whole site')
    expect(wrapper.findAll('[role=radio]')).toEqual([])
  })
})
