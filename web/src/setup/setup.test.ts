import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { proposedHost } from './proposed'
import SetUpScreen from './SetUpScreen.vue'
import { moor, mounting } from '@/test/moor'

const offer = (id: string, name: string) => ({
  id,
  name,
  note: '',
  look: 'Chalk',
  home: 'home',
  pages: [{ id: 'home', title: 'Home' }],
  live: 1,
  toFill: 1,
  templates: 17,
  patterns: 55,
  kinds: 2,
  pictures: 0,
})

describe('the host name that is proposed', () => {
  it.each([
    ['Loomgate Yard', 'loomgate-yard.localhost'],
    ['  Żółta Łódź & Söhne! ', 'zo-ta-odz-sohne.localhost'],
    ['織機', ''],
    ['x'.repeat(200), `${'x'.repeat(60)}.localhost`],
  ])('%s', (name, host) => expect(proposedHost(name)).toBe(host))
})

describe('setting up', () => {
  function screen(answers: Record<string, { status: number; body: object }>) {
    moor()
    const sent: { path: string; body: Record<string, string> }[] = []
    vi.stubGlobal('fetch', (path: string, init?: RequestInit) => {
      if (init?.method === 'POST') sent.push({ path, body: JSON.parse(String(init.body)) })
      const answer = answers[path] ?? { status: 200, body: {} }
      return Promise.resolve(new Response(JSON.stringify(answer.body), { status: answer.status }))
    })
    const stubs = { ...mounting.stubs, DrawnPage: true }
    const wrapper = mount(SetUpScreen, { global: { ...mounting, stubs } })
    const type = async (id: string, words: string) => wrapper.get(`#${id}`).setValue(words)
    const submit = async () => {
      await wrapper.get('form').trigger('submit')
      await flushPromises()
    }
    return { wrapper, sent, type, submit }
  }
  const refused = (field: string) => ({ status: 422, body: { field, detail: 'Not that.', fix: 'This.' } })
  const OFFERS = { status: 200, body: [offer('small', 'Small organisation'), offer('empty', 'Empty')] }

  it('asks for nothing but the code until it is right', async () => {
    const { wrapper, type, submit } = screen({ '/api/set-up/code': refused('code') })
    await type('code', 'moss-41-lantern')
    await submit()
    expect(wrapper.get('[role=alert]').text()).toBe('Not that. This.')
    expect(wrapper.find('#name').exists()).toBe(false)
  })

  it('proposes a host until somebody writes their own, and says what is wrong at its place', async () => {
    const { wrapper, sent, type, submit } = screen({
      '/api/set-up/code': OFFERS,
      '/api/set-up': refused('siteHost'),
    })
    await type('code', 'abcd-efgh-jkmn')
    await submit()
    await type('site-name', 'Loomgate Yard')
    const host = () => (wrapper.get('#site-host').element as HTMLInputElement).value
    expect(host()).toBe('loomgate-yard.localhost')
    await type('site-host', 'yard.example')
    await type('site-name', 'The Yard')
    expect(host()).toBe('yard.example')
    await submit()
    expect(sent.at(-1)!.body).toMatchObject({
      code: 'abcd-efgh-jkmn',
      site: { siteName: 'The Yard', siteHost: 'yard.example', beginWith: 'small' },
    })
    expect(wrapper.findAll('[role=alert]').map((a) => a.text())).toEqual(['Not that. This.'])
    expect(wrapper.text()).toContain('1 place to fill')
  })
})
