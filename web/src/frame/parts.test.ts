import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { useNotices } from '@/edit/useNotices'
import SignInForm from '@/session/SignInForm.vue'
import { useSession } from '@/session/useSession'
import { moor, mounting, press } from '@/test/moor'
import NoticeLine from './NoticeLine.vue'

const pushed = vi.fn()
const route = { name: 'plan' }
vi.mock('vue-router', () => ({ useRouter: () => ({ push: pushed }), useRoute: () => route }))
beforeEach(() => pushed.mockClear())
const global = mounting

describe('what was refused', () => {
  it('is said with the way out, told apart from what went well, and closed', async () => {
    moor()
    const wrapper = mount(NoticeLine, { global })
    useNotices().say('It can’t be moved there.', 'Choose another place.')
    useNotices().tell('It has been copied.')
    await nextTick()
    const [refused, told] = wrapper.findAll('.notice')
    expect(refused!.text()).toContain('It can’t be moved there. Choose another place.')
    expect([refused!.classes('told'), told!.classes('told')]).toEqual([false, true])
    await press(wrapper, 'Close')
    expect(wrapper.findAll('.notice')).toHaveLength(1)
  })
})

describe('signing in', () => {
  function form(status: number, body: object, again = false) {
    moor()
    useSession().person = null
    const sent: string[] = []
    vi.stubGlobal('fetch', (path: string, init?: RequestInit) => {
      if (init?.method === 'POST') sent.push(String(init.body))
      const answer = path.endsWith('/sign-in')
        ? new Response(JSON.stringify(body), { status })
        : new Response('null')
      return Promise.resolve(answer)
    })
    const wrapper = mount(SignInForm, { props: { again }, global })
    const submit = async () => {
      await wrapper.get('#email').setValue('maja@kestrel-moor.example')
      await wrapper.get('#password').setValue('dark-sky-friday')
      await wrapper.get('form').trigger('submit')
      await flushPromises()
    }
    return { wrapper, sent, submit }
  }

  it('lets in, and knows who it is', async () => {
    const { wrapper, sent, submit } = form(200, { secondStep: false })
    await submit()
    expect(sent).toEqual(['{"email":"maja@kestrel-moor.example","password":"dark-sky-friday"}'])
    expect(wrapper.emitted('done')).toHaveLength(1)
  })

  it('asks for a code where there is a second step, and lets nobody in before', async () => {
    const { wrapper, submit } = form(200, { secondStep: true })
    await submit()
    expect(wrapper.emitted('done')).toBeUndefined()
    expect(wrapper.find('#code').exists()).toBe(true)
  })

  it('says what is wrong, and keeps what was written', async () => {
    const { wrapper, submit } = form(403, {
      code: 'wrong',
      detail: 'These don’t belong together.',
      fix: 'Try again.',
    })
    await submit()
    expect(wrapper.get('[role=alert]').text()).toContain('These don’t belong together.')
    expect((wrapper.get('#email').element as HTMLInputElement).value).toBe('maja@kestrel-moor.example')
    expect(wrapper.emitted('done')).toBeUndefined()
  })

  it('says that what was written is kept, where the session has ended', () => {
    expect(form(200, {}, true).wrapper.text()).toContain(
      'What you wrote is kept, and sent as soon as you are back.',
    )
  })
})
