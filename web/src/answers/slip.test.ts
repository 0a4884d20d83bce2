import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { AnswerRow, AnswersTold, SeatRow } from '@/api/types'
import { useSession } from '@/session/useSession'
import { choose, mounting as global, press } from '@/test/moor'
import { server } from '@/test/server'
import AnswerSlip from './AnswerSlip.vue'
import PickedAnswers from './PickedAnswers.vue'
import WriteSheet from './WriteSheet.vue'

const SEATS: SeatRow[] = [
  { item: 'saturn', title: 'Saturn', when: 'Friday', places: 40, given: 40, waiting: 2 },
  { item: 'orion', title: 'Orion', when: 'later', places: 40, given: 4, waiting: 0 },
]
const TOLD: AnswersTold = {
  forms: [],
  people: [
    { id: 'maja', name: 'Maja Moor' },
    { id: 'noor', name: 'Noor' },
  ],
  mail: true,
  writes: true,
}
const LETTERS = [
  { at: '2026-11-29T09:00:00Z', by: 'noor', subject: 'Book', words: 'Yes, there is.' },
  { at: '2026-11-29T10:00:00Z', by: 'gone', subject: 'Book', words: 'And a bus.' },
]
const row = (more: Partial<AnswerRow> = {}): AnswerRow => ({
  id: 'a1',
  form: 'book',
  number: 1,
  came: '2026-11-28T12:00:00Z',
  until: '2027-11-28T12:00:00Z',
  who: 'Ada',
  email: 'ada@yard.example',
  said: [{ key: 'know', label: 'What should we know?', type: 'lines', value: 'Hush', words: 'Hush' }],
  state: 'read',
  note: '',
  ...more,
})
const place = (stands: 'PLACE' | 'WAITS' | 'BACK' | 'OFF', more = {}) => ({
  item: 'saturn',
  people: 1,
  stands,
  line: 0,
  over: false,
  ...more,
})

async function slip(of: AnswerRow, more: Partial<AnswersTold> = {}) {
  server({ '/sites/moor/answers/book/a1/letters': LETTERS })
  const wrapper = mount(AnswerSlip, {
    props: { row: of, form: 'Book', told: { ...TOLD, ...more }, seats: SEATS, states: ['rang back'] },
    global,
  })
  await flushPromises()
  return wrapper
}

describe('an answer as a slip', () => {
  it('says what was written to its sender, and by whom', async () => {
    const wrapper = await slip(row())
    expect(wrapper.get('.letters').text()).toContain('Noor wrote')
    expect(wrapper.get('.letters').text()).toContain('somebody wrote')
    expect(wrapper.text()).toContain('Removed by itself on 28 November 2027.')
    expect(wrapper.text()).not.toContain('Move to')
  })

  it('gets a state, a word of one’s own, and somebody who works on it', async () => {
    const wrapper = await slip(row())
    for (const words of ['rang back', 'Maja'])
      await wrapper
        .findAll('[role=radio]')
        .find((r) => r.text() === words)!
        .trigger('click')
    await press(wrapper, 'a word of your own…')
    await wrapper.get('[aria-label="A state of your own"]').setValue('  asked Idris ')
    await wrapper.get('form').trigger('submit')
    await press(wrapper, 'It is spam')
    expect(wrapper.emitted('work')).toEqual([
      [{ state: 'rang back' }],
      [{ works: 'maja' }],
      [{ state: 'asked Idris' }],
      [{ apart: true }],
    ])
  })

  it('that holds places gives them back or moves; one that waits gets them all the same', async () => {
    const wrapper = await slip(row({ place: place('PLACE', { over: true }) }))
    expect(wrapper.get('.stands').text()).toContain('given over the number')
    expect(wrapper.text()).not.toContain('all the same')
    await choose(wrapper, 'Orion (36 left)')
    await press(wrapper, 'Give back')
    expect([wrapper.emitted('move'), wrapper.emitted('place')]).toEqual([[['orion']], [['back']]])
    await wrapper.setProps({ row: row({ place: place('WAITS', { line: 2 }) }) })
    await press(wrapper, 'Give places all the same')
    await press(wrapper, 'Take off the line')
    expect(wrapper.emitted('place')!.slice(1)).toEqual([['give'], ['back']])
    await wrapper.setProps({ row: row({ place: place('OFF') }) })
    expect(wrapper.get('.stands').text()).toContain('Called off: Saturn')
  })

  it('is answered from one’s own mail where none is set up, and is an editor’s in part', async () => {
    const wrapper = await slip(row({ apart: 'It holds 4 links.', place: place('PLACE') }), { mail: false })
    expect(wrapper.get('a[href^=mailto]').text()).toBe('Write to ada@yard.example')
    await press(wrapper, 'It is not spam')
    expect(wrapper.emitted('work')!.at(-1)).toEqual([{ apart: false }])
    useSession().role = 'EDITOR'
    await wrapper.setProps({ row: row({ place: place('PLACE') }) })
    expect(wrapper.text()).not.toContain('Give back')
    expect(wrapper.text()).not.toContain('Remove…')
  })
})

describe('a letter to those who sent some answers', () => {
  it('goes to those who gave an address, and says how many did not', async () => {
    const sent = server({ '/sites/moor/answers/write': { rows: [] } })
    const rows = [row(), row({ id: 'a2', email: '' })]
    const wrapper = mount(WriteSheet, { props: { rows, form: 'Book', begins: 'Dear {name},' }, global })
    expect(wrapper.text()).toContain('1 answer gave no address')
    expect(wrapper.get('textarea').element.value).toBe('Dear {name},')
    await wrapper.get('textarea').setValue('It is on.')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(sent.at(-1)).toContain('{"ids":["a1"],"subject":"Book","words":"It is on."}')
    expect([wrapper.emitted('sent'), wrapper.emitted('close')]).toEqual([[[]], [[]]])
  })

  it('stays as it was written where it is refused', async () => {
    server({
      '/sites/moor/answers/write': {
        status: 409,
        code: 'no-mail',
        detail: 'No letters can be sent.',
        fix: 'Set it up.',
      },
    })
    const wrapper = mount(WriteSheet, { props: { rows: [row()], form: 'Book', begins: '' }, global })
    expect(wrapper.get('textarea').element.value).toBe('Dear Ada,\n\n')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(wrapper.get('[role=alert]').text()).toContain('No letters can be sent.')
    expect(wrapper.emitted('close')).toBeUndefined()
  })
})

describe('answers chosen together', () => {
  it('are moved only where places run out, and written to only where somebody gave an address', async () => {
    server({})
    const wrapper = mount(PickedAnswers, {
      props: { rows: [row({ email: '' })], mail: true, writes: true, seats: SEATS },
      global,
    })
    expect(wrapper.text()).not.toContain('Write to them')
    expect(wrapper.text()).not.toContain('Move to')
    await wrapper.setProps({ rows: [row({ place: place('PLACE') })] })
    expect(wrapper.text()).toContain('Move to')
    await press(wrapper, '✓ done')
    await press(wrapper, 'Write to them…')
    expect([wrapper.emitted('state'), wrapper.emitted('write')]).toEqual([[['done']], [[]]])
  })
})
