import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { nextTick, ref } from 'vue'
import type { GateTold, KindDetail, PageDetail, PlanRow } from '@/api/types'
import { useSession } from '@/session/useSession'
import { choose, moor, mounting as global, row } from '@/test/moor'
import AudienceChoice from './AudienceChoice.vue'
import GateKindSheet from './GateKindSheet.vue'
import GateMarks from './GateMarks.vue'
import GateSheet from './GateSheet.vue'
import { gateLanes } from './gates'
import { shownTo } from './shownTo'
import SiteGate from './SiteGate.vue'
import { useGate } from './useGate'

const GROUPS = [
  { id: 'crew', name: 'Crew', note: 'who runs the nights' },
  { id: 'friends', name: 'Friends', note: '' },
]
const gate = (more: Partial<GateTold> = {}): GateTold => ({
  who: 'MEMBERS',
  groups: [],
  hidden: false,
  source: 'PAGE',
  ...more,
})
const detail = (told: GateTold, more: Partial<PageDetail> = {}) =>
  ({
    id: 'rota',
    parent: 'members',
    home: false,
    gate: { told, beneath: 0, otherwise: 0 },
    ...more,
  }) as PageDetail

function members(rows: PlanRow[] = [], facts = {}) {
  const all = moor(rows)
  all.site.catalog = { ...all.site.catalog!, groups: GROUPS, facts }
  return all
}
/** The choices that stand, by their words. */
const choices = (wrapper: { findAll: (what: string) => { text: () => string }[] }) =>
  wrapper.findAll('[role=radio]').map((r) => r.text())

describe('whom a page is open to', () => {
  it('is chosen with what others are told, which has a word of its own where it is us alone', async () => {
    members()
    const wrapper = mount(AudienceChoice, {
      props: { modelValue: { who: '', groups: [], hidden: false }, label: 'Who', inherits: 'as above it' },
      global,
    })
    expect(choices(wrapper)).toEqual(['as above it', 'everyone', 'members', 'some groups…', 'only us'])
    await choose(wrapper, 'members')
    expect(wrapper.emitted('update:modelValue')!.at(-1)).toEqual([
      { who: 'members', groups: [], hidden: false },
    ])
    await wrapper.setProps({ modelValue: { who: 'members', groups: [], hidden: false } })
    expect(choices(wrapper).slice(-2)).toEqual(['is asked to sign in', 'doesn’t learn that it is there'])
    await wrapper.setProps({ modelValue: { who: 'us', groups: [], hidden: false } })
    expect(choices(wrapper).at(-2)).toBe('is told that it isn’t for them')
    await wrapper.setProps({ modelValue: { who: 'groups', groups: [], hidden: false } })
    expect(wrapper.text()).toContain('Choose a group: until then nothing is changed.')
    await wrapper.get('[type=checkbox]').setValue(true)
    expect(wrapper.emitted('update:modelValue')!.at(-1)).toEqual([
      { who: 'groups', groups: ['crew'], hidden: false },
    ])
  })

  it('is no choice among groups where there are none', () => {
    moor()
    const wrapper = mount(AudienceChoice, {
      props: { modelValue: { who: 'everyone', groups: [], hidden: false }, label: 'Who' },
      global,
    })
    expect(choices(wrapper)).toEqual(['everyone', 'members', 'only us'])
  })

  it('is given once it is whole, and says how far it reaches and where it comes from', async () => {
    const { given } = members()
    const page = ref(detail(gate({ source: 'BRANCH', from: 'Members’ room' })))
    const { wanted, set, reach, from, inherits, closed, words } = useGate(() => page.value)
    expect([wanted.value.who, inherits.value, closed.value, words.value]).toEqual([
      '',
      'as above it',
      true,
      'members',
    ])
    expect(from.value).toBe('as “Members’ room” above it says')
    await set({ who: 'groups', groups: [], hidden: false })
    expect(given).toEqual([])
    await set({ who: 'groups', groups: ['crew'], hidden: true })
    await set({ who: '', groups: ['crew'], hidden: false })
    expect(given).toEqual([
      { verb: 'set-gate', items: ['rota'], who: 'groups', groups: ['crew'], hidden: true },
      { verb: 'set-gate', items: ['rota'], groups: [], hidden: false },
    ])
    page.value = detail(gate({ who: 'GROUPS', groups: ['crew'] }), {
      parent: undefined,
      gate: { told: gate({ who: 'GROUPS', groups: ['crew'] }), beneath: 5, otherwise: 1 },
    })
    await nextTick()
    expect(wanted.value).toEqual({ who: 'groups', groups: ['crew'], hidden: false })
    expect(inherits.value).toBe('as the site')
    expect(reach.value).toBe('Holds for 5 pages beneath; 1 says otherwise. It moves with them.')
  })

  it('is not said of the home page alone, and what a closed page is left out of is', () => {
    members()
    const home = mount(GateSheet, {
      props: { page: detail(gate({ who: 'EVERYONE', source: 'SITE' }), { home: true }) },
      global,
    })
    expect(home.text()).toContain('closed with the whole site, and not alone')
    expect(home.find('[role=radiogroup]').exists()).toBe(false)
    expect(home.text()).not.toContain('no menu, list, search')
    const closed = mount(GateSheet, { props: { page: detail(gate()) }, global })
    expect(closed.text()).toContain('no menu, list, search, feed or sitemap')
    expect(useSession().manager).toBe(true)
  })

  it('is a mark in each lane, with words for whoever doesn’t see marks', () => {
    members()
    const rota = row('rota', {
      gate: gate({ who: 'GROUPS', groups: ['crew'], hidden: true }),
      sitemap: 'out',
    })
    const wrapper = mount(GateMarks, { props: { row: rota, lanes: gateLanes(GROUPS) }, global })
    expect(wrapper.findAll('[role=img]').map((m) => m.attributes('aria-label'))).toEqual([
      'Stranger: doesn’t learn of it',
      'Crew: opens',
      'Friends: doesn’t learn of it',
      'Robots: is told that it isn’t for them',
    ])
    expect(wrapper.get('.said').text()).toBe('Crew; others don’t learn of it')
  })

  it('is said of a kind, with the pages that have it from there', async () => {
    const ofKind = gate({ who: 'MEMBERS', source: 'KIND', from: 'night' })
    const { given } = members([
      row('first', { kind: 'night', gate: ofKind }),
      row('second', { kind: 'night', gate: ofKind }),
      row('rota', { kind: 'night', gate: gate({ source: 'BRANCH' }) }),
      row('visit'),
    ])
    const night = { id: 'night', name: 'Open night', settings: { gate: 'members' } } as unknown as KindDetail
    const wrapper = mount(GateKindSheet, { props: { kind: night }, global })
    expect(wrapper.text()).toContain('Holds for 2 of 3 pages; 1 has it from')
    await choose(wrapper, 'some groups…')
    expect(given, 'no group is chosen yet').toEqual([])
    await wrapper.findAll('[type=checkbox]')[1]!.setValue(true)
    await choose(wrapper, 'as the site')
    await flushPromises()
    expect(given).toEqual([
      { verb: 'set-gate', items: ['night'], who: 'groups', groups: ['friends'], hidden: false },
      { verb: 'set-gate', items: ['night'], groups: [], hidden: false },
    ])
    await wrapper.setProps({ kind: { ...night, settings: { gate: 'above' } } })
    expect(wrapper.text()).not.toContain('Holds for')
  })

  it('is said of a section in a sentence', () => {
    expect(shownTo({}, GROUPS)).toBe('')
    expect(shownTo({ shownTo: 'strangers' }, GROUPS)).toBe('It is shown to strangers alone.')
    expect(shownTo({ shownTo: 'groups' }, GROUPS)).toContain('to nobody yet')
    const both = { shownTo: 'groups', shownToGroups: [{ group: 'crew' }, { group: 'friends' }] }
    expect(shownTo(both, GROUPS)).toBe('It is shown to Crew and Friends alone.')
  })

  it('is said of the whole site with how many pages stay open', async () => {
    const closed = gate({ who: 'GROUPS', groups: ['crew'], source: 'SITE' })
    const facts = { gate: 'groups', gateGroups: [{ group: 'crew' }], gateOthers: 'hidden' }
    const { given } = members(
      [row('home', { gate: closed }), row('visit'), row('news', { gate: closed })],
      facts,
    )
    const wrapper = mount(SiteGate, { global })
    expect(wrapper.text()).toContain('1 page is open to everyone, 2 not')
    await wrapper.findAll('[type=checkbox]')[1]!.setValue(true)
    await wrapper.get('.say input').setValue(true)
    await choose(wrapper, 'everyone')
    await flushPromises()
    expect(given).toEqual([
      { verb: 'set-gate', items: ['site'], who: 'groups', groups: ['crew', 'friends'], hidden: true },
      { verb: 'set-value', item: 'site', key: 'sayClosed', value: true },
      { verb: 'set-gate', items: ['site'], groups: [], hidden: true },
    ])
  })
})
