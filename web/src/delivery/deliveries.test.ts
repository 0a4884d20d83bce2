import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, expect, it, vi } from 'vitest'
import type { Deliveries, Delivery } from '@/api/types'
import { useSession } from '@/session/useSession'
import { answering } from '@/test/answering'
import { mounting, press } from '@/test/moor'
import DeliveriesCard from './DeliveriesCard.vue'
import GoesTo from './GoesTo.vue'

const NOWHERE = { endpoint: '', region: '', name: '', prefix: '', pathStyle: false, redirects: false }
const main = (stands: Partial<Delivery['stands']> = {}): Delivery => ({
  id: 'a1',
  name: 'Main',
  where: '/srv/www/moor',
  goes: {
    folder: '/srv/www/moor',
    bucket: NOWHERE,
    layout: 'AT_ADDRESSES',
    address: 'https://www.moor.example',
    server: '',
    call: { address: 'https://network.example/changed', method: 'POST', headers: ['X-One', 'X-Two'] },
  },
  hasKeys: false,
  lags: false,
  stands: { release: 3, objects: 351, bytes: 5_431_308, ...stands },
})
const ASKING = [{ kind: 'form', name: 'Form', pages: 4, on: ['Contact', 'Order', 'Join'] }]
const told = (all: Delivery[], more: Partial<Deliveries> = {}): Deliveries => ({
  all,
  mayChange: true,
  serverKeys: false,
  asking: ASKING,
  ...more,
})

async function open(deliveries: Deliveries, more: Record<string, unknown> = {}) {
  const sent = answering({
    '/sites/moor/deliveries': deliveries,
    '/sites/moor/deliveries/arrived': [],
    ...more,
  })
  const wrapper = mount(DeliveriesCard, { global: mounting })
  await flushPromises()
  return { wrapper, sent }
}

afterEach(() => vi.useRealTimers())

it('tells what files can’t answer, and who may say where releases go', async () => {
  const { wrapper } = await open(told([], { mayChange: false }))
  expect(wrapper.text()).toContain('Releases are shown by this server')
  expect(wrapper.text()).toContain('An owner of this installation says where releases go.')
  expect(wrapper.get('details').text()).toContain('Form on 4 pages Contact, Order, Join …')
  expect(wrapper.findAll('button').map((b) => b.text())).toEqual(['Deliveries'])
})

it('is tried, told what is in the way, and kept as it was typed', async () => {
  const { wrapper, sent } = await open(told([]), {
    '/sites/moor/deliveries/try': { well: false, says: 'Something else lies there.', fix: 'Name another.' },
    'POST /sites/moor/deliveries': { status: 422, detail: 'No folder.', fix: 'Name one.' },
  })
  await press(wrapper, 'Add a delivery…')
  await wrapper.get('#d-name').setValue('Main')
  await wrapper.get('#d-folder').setValue('/srv/www/moor')
  await wrapper.get('#d-address').setValue('https://www.moor.example')
  await press(wrapper, 'Try it')
  expect(wrapper.get('[role=dialog] [role=status]').text()).toBe(
    '⊘ It doesn’t. Something else lies there. Name another.',
  )
  await wrapper.get('#d-call').setValue('https://network.example/changed')
  expect(wrapper.find('[role=dialog] [role=status]').exists()).toBe(false)
  await wrapper.get('[aria-label="Header 1"]').setValue('X-Key')
  await wrapper.get('[aria-label="Value of header 1"]').setValue('secret')
  expect(wrapper.find('[aria-label="Header 2"]').exists()).toBe(true)
  await press(wrapper, 'Add it')
  await wrapper.get('[role=dialog] form, form[role=dialog], form').trigger('submit')
  await flushPromises()
  expect(wrapper.get('[role=alert]').text()).toContain('No folder.')
  const asked = JSON.parse(sent.at(-1)!.replace(/^POST \S+ /, ''))
  expect(asked).toMatchObject({
    name: 'Main',
    goes: { folder: '/srv/www/moor', call: { method: 'POST', headers: ['X-Key'] } },
    headers: { 'X-Key': 'secret' },
  })
})

it('shows how far it is and what is in the way, and leaves what is kept as it is', async () => {
  const doing = { words: 'Sends files', done: 12, of: 351, bytes: 1_000_000 }
  const running = await open(told([main({ doing })]))
  expect(running.wrapper.get('progress').attributes()).toMatchObject({ value: '12', max: '351' })
  const again = running.wrapper.findAll('button').find((b) => b.text() === 'Deliver again')
  expect(again!.attributes('disabled')).toBeDefined()
  const trouble = { failures: 2, nextAt: '2026-12-01T12:00:00Z', says: 'It answered 403.', fix: 'Look.' }
  const { wrapper, sent } = await open(told([main({ trouble })]))
  expect(wrapper.get('.must').text()).toBe('It answered 403.')
  expect(wrapper.text()).toContain('Look. It is tried again now.')
  await press(wrapper, 'Deliver again')
  await press(wrapper, 'Change…')
  expect(wrapper.find('#d-folder').exists()).toBe(false)
  expect(wrapper.findAll('[aria-label^="Header "]').map((h) => h.element.getAttribute('value'))).toHaveLength(
    3,
  )
  await wrapper.get('form').trigger('submit')
  await flushPromises()
  expect(sent[0]).toBe('POST /sites/moor/deliveries/a1/again {}')
  expect(sent[1]).toContain('"headers":{"X-One":"","X-Two":""}')
})

it('is removed after a question that says what stays', async () => {
  const { wrapper, sent } = await open(told([main()]))
  await press(wrapper, 'Remove…')
  expect(wrapper.get('[role=dialog]').text()).toMatch(/What lies at\s+\/srv\/www\/moor stays as it is/)
  await press(wrapper, 'Leave it')
  expect(sent).toEqual([])
  await press(wrapper, 'Remove…')
  await press(wrapper, 'Remove it')
  expect(sent).toEqual(['POST /sites/moor/deliveries/a1/remove {}'])
})

it('shows an editor who owns nothing neither keys nor ways to change it', async () => {
  const sent = answering({ '/sites/moor/deliveries': told([main()], { mayChange: false }) })
  useSession().role = 'EDITOR'
  const wrapper = mount(DeliveriesCard, { global: mounting })
  await flushPromises()
  expect(wrapper.text()).toContain('Shows release 3')
  expect(wrapper.findAll('button').map((b) => b.text())).toEqual(['Deliveries'])
  expect(sent).toEqual([])
})

it.each([
  [{ pages: 20, all: true, objects: 60, bytes: 2_000_000 }, 'All 20 pages may be others then'],
  [{ pages: 1, all: false, objects: 3, bytes: 0 }, '1 page is compared, at most 3 objects to each.'],
])('says before a release how much it sends', async (foreseen, words) => {
  vi.useFakeTimers()
  const sent = answering({ '/sites/moor/deliveries/foreseen': { deliveries: 2, ...foreseen } })
  const wrapper = mount(GoesTo, { props: { items: ['visit'] }, global: mounting })
  await vi.advanceTimersByTimeAsync(300)
  expect(wrapper.text()).toContain('this server, 2 deliveries')
  expect(wrapper.text()).toContain(words)
  expect(sent).toEqual(['POST /sites/moor/deliveries/foreseen {"items":["visit"]}'])
})
