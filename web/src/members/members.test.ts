import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { MemberRow, MembersTold } from '@/api/types'
import { server } from '@/test/server'
import { useSession } from '@/session/useSession'
import { mounting as global, press } from '@/test/moor'
import GroupsSheet from './GroupsSheet.vue'
import InviteMemberSheet from './InviteMemberSheet.vue'
import MemberCard from './MemberCard.vue'
import MembersScreen from './MembersScreen.vue'
import { fitting } from './useMembers'

const AT = '/sites/moor/members'
const member = (id: string, more: Partial<MemberRow> = {}): MemberRow => ({
  id,
  name: id,
  email: `${id}@yard.example`,
  state: 'ACTIVE',
  groups: [],
  fields: {},
  ours: false,
  ...more,
})
const told = (rows: MemberRow[], more: Partial<MembersTold> = {}): MembersTold => ({
  rows,
  found: rows.length,
  states: { ACTIVE: 2, ASKED: 1 },
  groups: [
    { id: 'crew', name: 'Crew', note: 'who runs the nights', members: 1 },
    { id: 'friends', name: 'Friends', note: '', members: 0 },
  ],
  fields: [
    { key: 'phone', label: 'Telephone', sort: 'WORDS', choices: [], theirs: true },
    { key: 'key', label: 'Has a key', sort: 'YES', choices: [], theirs: false },
    { key: 'likes', label: 'Likes', sort: 'CHOICE', choices: ['Moon', 'Mars'], theirs: true },
  ],
  mail: false,
  writes: true,
  ...more,
})
const ROWS = [member('odo', { groups: ['crew'] }), member('rosa', { state: 'ASKED' }), member('ada')]
const body = (sent: string) => JSON.parse(sent.slice(sent.indexOf('{'))) as Record<string, unknown>

async function screen(answer: unknown, more: Record<string, unknown> = {}) {
  const sent = server({ [AT]: answer, ...more })
  const wrapper = mount(MembersScreen, { global })
  await flushPromises()
  return { sent, wrapper }
}

describe('members', () => {
  it('are a table with groups as lanes, and a mark puts somebody in or takes them out', async () => {
    const { sent, wrapper } = await screen(told(ROWS))
    expect(wrapper.findAll('th.lane').map((h) => h.text())).toEqual(['Crew 1', 'Friends 0'])
    expect(
      wrapper.findAll('.state').map((b) =>
        b
          .text()
          .replace(/[^\w ]/g, '')
          .trim(),
      ),
    ).toContain('all 3')
    expect(wrapper.findAll('tbody tr')).toHaveLength(3)
    await wrapper.get('[aria-label="odo: Crew"]').trigger('click')
    await wrapper.get('[aria-label="ada: Friends"]').trigger('click')
    await flushPromises()
    expect(sent.map(body)).toEqual([
      { ids: ['odo'], put: [], taken: ['crew'] },
      { ids: ['ada'], put: ['friends'], taken: [] },
    ])
  })

  it('chosen together get what fits them, and go only after a question', async () => {
    const { sent, wrapper } = await screen(told(ROWS), { [`${AT}/approve`]: { done: 1 } })
    for (const name of ['odo', 'rosa']) await wrapper.get(`[aria-label="Choose ${name}"]`).setValue(true)
    expect(wrapper.get('.picked').text()).toContain('2 members chosen')
    expect(wrapper.get('.picked').text()).not.toContain('Bring')
    await press(wrapper, 'Remove…')
    expect(wrapper.get('[role=dialog]').text()).toContain('2 members go, with all that is kept of them')
    await press(wrapper, 'Keep them')
    expect(sent).toEqual([])
    await press(wrapper, 'Let 1 in')
    expect(sent).toEqual([`${AT}/approve {"ids":["rosa"]}`])
    expect(wrapper.find('.picked').exists()).toBe(false)
    expect(fitting('deactivate', ROWS).map((r) => r.id)).toEqual(['odo', 'ada'])
    expect(fitting('remove', ROWS)).toHaveLength(3)
  })

  it('say why they are not shown, and that there are none', async () => {
    const refusal = { status: 403, detail: 'Only managers see the members.', fix: 'Ask one.' }
    expect((await screen(refusal)).wrapper.text()).toBe('Only managers see the members. Ask one.')
    const none = await screen(told([], { states: {} }))
    expect(none.wrapper.text()).toContain('Nobody is a member yet.')
    const read = await screen(told(ROWS, { writes: false }))
    expect(read.wrapper.text()).not.toContain('Invite')
    expect(read.wrapper.find('input[type=checkbox]').exists()).toBe(false)
    expect(read.wrapper.get('[aria-label="odo: Crew"]').attributes('disabled')).toBeDefined()
  })

  it('stay in sight when looking again goes wrong, and are looked at again by whoever comes back', async () => {
    const answers: Record<string, unknown> = { [AT]: told(ROWS) }
    server(answers)
    const wrapper = mount(MembersScreen, { global })
    await flushPromises()
    answers[AT] = { status: 503, detail: 'The server is being stopped.', fix: 'Try again.' }
    window.dispatchEvent(new Event('focus'))
    await flushPromises()
    expect(wrapper.findAll('tbody tr')).toHaveLength(3)
    answers[AT] = told([member('odo')])
    window.dispatchEvent(new Event('focus'))
    await flushPromises()
    expect(wrapper.findAll('tbody tr')).toHaveLength(1)
    wrapper.unmount()
  })

  it('show more of many, after those that are shown', async () => {
    const { wrapper } = await screen(told(ROWS, { found: 450 }))
    expect(wrapper.text()).toContain('3 of 450.')
    await press(wrapper, 'Show more')
    expect(wrapper.findAll('tbody tr')).toHaveLength(6)
  })

  it('are invited with groups; without mail the link is there to hand over', async () => {
    const address = 'https://moor.example/-/confirm?token=t'
    const sent = server({ [`${AT}/invite`]: { address, member: member('rosa', { ours: true }) } })
    const wrapper = mount(InviteMemberSheet, { props: { told: told([]) }, global })
    await wrapper.get('[type=email]').setValue('rosa@yard.example')
    await wrapper.get('[value=crew]').setValue(true)
    await Promise.all([wrapper.get('form').trigger('submit'), wrapper.get('form').trigger('submit')])
    await flushPromises()
    expect(sent, 'a double press is one invitation').toHaveLength(1)
    expect(body(sent[0]!)).toEqual({ email: 'rosa@yard.example', name: '', groups: ['crew'] })
    expect(wrapper.html()).toContain(address)
    expect(wrapper.text()).toContain('has this address, too. The two are apart')
    expect(wrapper.emitted('invited')).toHaveLength(1)
    expect(wrapper.emitted('close')).toBeUndefined()
  })

  it('have a card in which what is kept of them is changed, or seen', async () => {
    const sent = server({ [`${AT}/odo`]: {} })
    const odo = member('odo', { fields: { phone: '1', likes: 'Mars' } })
    const wrapper = mount(MemberCard, { props: { member: odo, told: told([odo]) }, global })
    expect(wrapper.text()).toContain('Has a key · they see it, and don’t change it')
    const [key, likes] = wrapper.findAll('select')
    expect((likes!.element as HTMLSelectElement).value).toBe('Mars')
    await key!.setValue('yes')
    await wrapper.findAll('input')[1]!.setValue('')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(body(sent[0]!)).toEqual({ name: 'odo', fields: { likes: 'Mars', key: 'yes' } })
    expect(wrapper.emitted('changed')).toHaveLength(1)
    expect(wrapper.text()).not.toContain('The two are apart')
    await wrapper.setProps({ told: told([odo], { writes: false }), member: { ...odo, ours: true } })
    expect(wrapper.text()).toContain('The two are apart')
    expect(wrapper.findAll('input, select').every((i) => i.attributes('disabled') !== undefined)).toBe(true)
    expect(wrapper.text()).not.toContain('Save')
  })

  it('stand in groups that keep what was typed when one is refused', async () => {
    server({ '/sites/moor/commands': { status: 409, detail: 'There is a group “Crew”.', fix: 'Take it.' } })
    useSession().role = 'MANAGER'
    const wrapper = mount(GroupsSheet, { props: { told: told([]) }, global })
    await wrapper.get('[aria-label="A new group"]').setValue('Crew')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(wrapper.get('[role=alert]').text()).toBe('There is a group “Crew”. Take it.')
    expect((wrapper.get('[aria-label="A new group"]').element as HTMLInputElement).value).toBe('Crew')
  })
})
