import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import AccountScreen from './AccountScreen.vue'
import { deedWords } from './deeds'
import InviteSheet from './InviteSheet.vue'
import PeopleScreen from './PeopleScreen.vue'
import RecordScreen from './RecordScreen.vue'
import SecondStepSheet from './SecondStepSheet.vue'
import { useSession } from '@/session/useSession'
import { mounting, press } from '@/test/moor'
import { server } from '@/test/server'

const global = mounting
const YARD = { id: 'yard', name: 'Loomgate Yard', role: 'MANAGER' }
const person = (id: string, more = {}) => ({
  id,
  email: `${id}@yard.example`,
  name: id,
  owner: false,
  state: 'ACTIVE',
  secondStep: false,
  seats: { yard: 'EDITOR' },
  ...more,
})

describe('people', () => {
  const members = {
    people: [
      person('ines', { owner: true }),
      person('rosa', { state: 'INVITED', name: '' }),
      person('ada', { state: 'DEACTIVATED' }),
    ],
    secondStepAsked: false,
    mail: false,
    hosts: ['till.moor.example'],
  }

  it('stand in groups, with what they are, and are changed by owners alone', async () => {
    const sent = server({ '/people': members, '/sites': [YARD] })
    useSession().person = { id: 'ines', owner: true } as never
    const wrapper = mount(PeopleScreen, { global })
    await flushPromises()
    expect(wrapper.findAll('h2').map((h) => h.text())).toEqual([
      'Here',
      'Invited, not yet come',
      'Deactivated',
      'What is asked of everybody',
      'Answers are handed on to',
      'Mail',
    ])
    expect(wrapper.text()).toContain('editor of Loomgate Yard')
    expect(wrapper.findAll('.lanes li')[0]!.text()).toContain('makes sites and people')
    expect(wrapper.findAll('.lanes li')[1]!.text()).not.toContain('releases')
    await press(wrapper, 'ada')
    await press(wrapper, 'Erase name and address')
    expect(wrapper.text()).toContain('can’t be taken back')
    expect(sent).toEqual([])
    await press(wrapper, 'Erase for good')
    expect(sent).toEqual(['/people/ada/erase {}'])
    await wrapper.get('[aria-label="till.moor.example: no longer"]').trigger('click')
    expect(sent.at(-1)).toBe('/people/hosts/bar {"host":"till.moor.example"}')

    useSession().person = { id: 'tomas', owner: false } as never
    await flushPromises()
    expect(wrapper.text()).not.toContain('Invite somebody')
  })

  it('says why the list is not shown', async () => {
    server({ '/people': { status: 403, detail: 'Only managers see it.', fix: 'Ask one.' }, '/sites': [] })
    const wrapper = mount(PeopleScreen, { global })
    await flushPromises()
    expect(wrapper.text()).toBe('Only managers see it. Ask one.')
  })

  it('are invited with a role, and their link is shown once', async () => {
    const sent = server({ '/people/invite': { link: 'http://x/-/come-in#t', sent: false } })
    const wrapper = mount(InviteSheet, { props: { sites: [YARD] as never }, global })
    await wrapper.get('#invite-email').setValue('rosa@yard.example')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(JSON.parse(sent[0]!.replace('/people/invite ', ''))).toEqual({
      email: 'rosa@yard.example',
      name: '',
      owner: false,
      seats: { yard: 'EDITOR' },
    })
    expect((wrapper.get('input.link').element as HTMLInputElement).value).toBe('http://x/-/come-in#t')
  })
})

describe('one’s own account', () => {
  const account = {
    email: 'ines@yard.example',
    name: 'Ines',
    secondStep: false,
    codesLeft: 0,
    secondStepAsked: false,
    mail: false,
    sessions: [
      {
        device: 'Firefox on Linux',
        begun: '2026-11-25T10:00:00Z',
        lastUsed: '2026-11-25T10:00:00Z',
        mine: true,
      },
      {
        device: 'Safari on iPhone',
        begun: '2026-11-24T10:00:00Z',
        lastUsed: '2026-11-24T10:00:00Z',
        mine: false,
      },
    ],
  }

  it('says what was wrong where it was typed, and ends other sessions', async () => {
    const sent = server({
      '/my': account,
      '/my/password': { status: 422, field: 'present', detail: 'Not your password.', fix: 'Type it again.' },
    })
    const wrapper = mount(AccountScreen, { global })
    await flushPromises()
    await wrapper.get('#present').setValue('wrong')
    await wrapper.get('#new-password').setValue('otter velvet kettle nine')
    await wrapper.findAll('form')[2]!.trigger('submit')
    await flushPromises()
    expect(wrapper.get('[role=alert]').text()).toBe('Not your password. Type it again.')
    await press(wrapper, 'Sign out the others')
    expect(sent.at(-1)).toBe('/my/sessions/end-others {}')
  })

  it('gets a second step in three turns, and its codes are kept before it is left', async () => {
    const sent = server({
      '/my/second-step/begin': { secret: 'ABCDEFGH', uri: 'otpauth://x', qr: 'M0 0h1v1h-1z', size: 21 },
      '/my/second-step/confirm': { codes: ['one', 'two'] },
    })
    const wrapper = mount(SecondStepSheet, { props: { ends: false }, global })
    await wrapper.get('#step-present').setValue('mine')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(wrapper.get('.key').text()).toBe('ABCD EFGH')
    await wrapper.get('#step-code').setValue('123456')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(wrapper.findAll('.codes li').map((c) => c.text())).toEqual(['one', 'two'])
    expect(sent.at(-1)).toBe('/my/second-step/confirm {"code":"123456"}')
    await press(wrapper, 'I have kept them')
    expect(wrapper.emitted('done')).toHaveLength(1)
  })
})

describe('the record', () => {
  const line = (deed: string, more = {}) => ({ id: 1, at: '2026-11-25T10:00:00Z', deed, ...more }) as never

  it('tells deeds in sentences', () => {
    expect(
      deedWords(line('SEAT_GIVEN', { who: 'Ines', about: 'Rosa', detail: 'EDITOR', site: 'Yard' })),
    ).toBe('Ines made Rosa an editor of Yard')
    expect(deedWords(line('SIGN_IN_FAILED', { about: 'Rosa', detail: 'password' }))).toBe(
      'Somebody failed to sign in as Rosa (password)',
    )
  })

  it('is asked for by site where somebody is no owner, and saved as it is narrowed down', async () => {
    server({ '/sites': [YARD], '/record': [line('RELEASED', { who: 'Ines', site: 'Yard', detail: '2' })] })
    useSession().person = { id: 'tomas', owner: false } as never
    const wrapper = mount(RecordScreen, { global })
    await flushPromises()
    expect(wrapper.get('a.save').attributes('href')).toBe('/api/record/csv?site=yard')
    expect(wrapper.text()).toContain('Ines released Yard (release 2)')
  })
})
