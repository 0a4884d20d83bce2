import { flushPromises, mount } from '@vue/test-utils'
import { createRouter, createMemoryHistory } from 'vue-router'
import { describe, expect, it } from 'vitest'
import type { AnswerRow, AnswersTold, FormAnswers } from '@/api/types'
import { mounting, press } from '@/test/moor'
import { server } from '@/test/server'
import AnswersScreen from './AnswersScreen.vue'
import { markOf, ordinal, standsWords } from './answerWords'
import SeatStrips from './SeatStrips.vue'

const AT = '/sites/moor/answers'
const place = (stands: 'PLACE' | 'WAITS' | 'BACK' | 'OFF', more = {}) => ({
  item: 'saturn',
  people: 2,
  stands,
  line: 0,
  over: false,
  ...more,
})
const row = (number: number, who: string, more: Partial<AnswerRow> = {}): AnswerRow => ({
  id: `a${number}`,
  form: 'book',
  number,
  came: '2026-11-28T12:00:00Z',
  until: '2027-11-28T12:00:00Z',
  who,
  email: `${who}@yard.example`,
  said: [
    { key: 'name', label: 'Your name', type: 'words', value: who, words: who },
    { key: 'know', label: 'What should we know?', type: 'lines', value: 'Hush', words: 'Hush' },
  ],
  state: 'new',
  note: '',
  ...more,
})
const form = (id: string, more = {}) => ({
  id,
  name: id,
  retired: false,
  gone: false,
  placed: 1,
  fresh: 1,
  open: 2,
  all: 3,
  apart: 1,
  comments: false,
  held: 0,
  reported: 0,
  oldest: '2026-11-28T12:00:00Z',
  months: 12,
  copies: '',
  reply: '',
  ...more,
})
const TOLD: AnswersTold = {
  forms: [form('book'), form('old', { gone: true, fresh: 0 })],
  people: [{ id: 'maja', name: 'Maja Moor' }],
  mail: false,
  writes: true,
}
const ROWS = [
  row(3, 'ada', { place: place('WAITS', { line: 1 }) }),
  row(2, 'ben', { state: 'read', place: place('PLACE') }),
]
const FOUND: FormAnswers = {
  rows: ROWS,
  found: 2,
  seats: [
    { item: 'saturn', title: 'Saturn', when: 'Friday 4 December, 19:00', places: 3, given: 4, waiting: 1 },
  ],
  columns: [
    { key: 'name', label: 'Your name' },
    { key: 'know', label: 'What should we know?' },
  ],
}

async function screen(more: Record<string, unknown> = {}) {
  const sent = server({
    [AT]: TOLD,
    [`${AT}/book`]: FOUND,
    [`${AT}/book/a3/letters`]: [],
    [`${AT}/work`]: { rows: [] },
    ...more,
  })
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/answers/:form?', name: 'answers', component: AnswersScreen },
      { path: '/forms/:form', name: 'form-item', component: AnswersScreen },
    ],
  })
  await router.push('/answers/book')
  const wrapper = mount(AnswersScreen, {
    global: { ...mounting, plugins: [router] },
  })
  await flushPromises()
  return { sent, wrapper }
}

describe('answers', () => {
  it('say how somebody stands, and which of them are new', () => {
    expect([1, 2, 3, 11, 22].map(ordinal)).toEqual(['1st', '2nd', '3rd', '11th', '22nd'])
    expect(standsWords(place('WAITS', { line: 2 }))).toBe('waits, 2nd')
    expect(standsWords(place('PLACE', { over: true }))).toBe('has a place, over')
    expect([standsWords(undefined), standsWords(place('OFF')), markOf('rang back')]).toEqual([
      '',
      'called off',
      '◐',
    ])
  })

  it('stand beside their forms with the places that run out; opened, one is read', async () => {
    const { sent, wrapper } = await screen()
    expect(wrapper.get('.forms').text()).toContain('book 1 new')
    expect(wrapper.get('.seats').text()).toContain('4 of 3 · 1 over · 1 wait')
    expect(wrapper.findAll('tbody tr').map((r) => r.text())).toEqual([
      expect.stringContaining('waits, 1st'),
      expect.stringContaining('has a place'),
    ])
    await wrapper.findAll('tbody tr')[0]!.trigger('click')
    await flushPromises()
    expect(sent.at(-1)).toContain('"state":"read"')
    expect(wrapper.get('.slip').text()).toContain('What should we know? Hush')
    expect(wrapper.get('.slip-pane').text()).toMatch(
      /Waits, 1st in line\s+for 2 places of Saturn; moves up by itself/,
    )
  })

  it('are sorted by a press on a head, and those of one sender stand together with their forms and files', async () => {
    const files = { key: 'plan', label: 'Plan', type: 'files', value: 'f1/900/pdf/plan a/b.pdf', words: '' }
    const theirs = [row(3, 'ada', { said: [files] }), row(1, 'ada', { form: 'gone' })]
    const { wrapper } = await screen({ '/sites/moor/senders': { rows: theirs } })
    const head = (words: string) => wrapper.findAll('th').find((h) => h.text().startsWith(words))!
    expect(head('Came').attributes('aria-sort')).toBe('descending')
    await head('Stands').get('button').trigger('click')
    expect(head('Stands').attributes('aria-sort')).toBe('ascending')
    await wrapper.findAll('tbody tr')[0]!.trigger('click')
    await press(wrapper, 'All that came from ada@yard.example')
    await new Promise((on) => setTimeout(on, 200))
    await flushPromises()
    expect(wrapper.get('.bar').text()).toContain('2 answers from ada@yard.example')
    expect(wrapper.findAll('tbody tr')[1]!.text()).toContain('A form that was removed')
    const file = wrapper.get('.slip .file')
    expect([file.text(), file.attributes('href')]).toEqual([
      'plan a/b.pdf',
      '/api/sites/moor/answers/book/a3/files/f1',
    ])
    await press(wrapper, 'Remove all…')
    expect(wrapper.get('[role=dialog]').text()).toContain('2 answers go for good')
  })

  it('chosen together go only after a question', async () => {
    const { sent, wrapper } = await screen({ [`${AT}/remove`]: { done: 2 } })
    for (const n of [2, 3]) await wrapper.get(`[aria-label="Choose no. ${n}"]`).setValue(true)
    await press(wrapper, 'Remove…')
    expect(wrapper.get('[role=dialog]').text()).toContain('2 answers go for good')
    await press(wrapper, 'Remove 2')
    await flushPromises()
    expect(sent.at(-1)).toContain('{"ids":["a3","a2"]}')
  })

  it('of a thing that is larger than a strip are drawn as a bar', () => {
    const seats = [{ ...FOUND.seats[0]!, places: 400, given: 100, waiting: 0 }]
    const wrapper = mount(SeatStrips, { props: { seats } })
    expect(wrapper.get('.bar i').attributes('style')).toBe('width: 25%;')
    expect(wrapper.text()).toContain('100 of 400')
  })
})
