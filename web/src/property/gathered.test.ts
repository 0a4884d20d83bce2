import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { defineComponent, h } from 'vue'
import type { Property, Value } from '@/api/types'
import { chooseOf, moor, mounting, row } from '@/test/moor'
import { newField } from './fields'
import { provideFields } from './fieldsHere'
import GroupedInputs from './GroupedInputs.vue'
import PropertyInput from './PropertyInput.vue'
import { allHeld, matters } from './values'

const property = (key: string, type: string, more: Partial<Property> = {}) =>
  ({ ...newField(key, '', []), key, type, ...more }) as Property
const PLACE = property('place', 'CHOICE', {
  label: 'Place',
  choices: [
    { value: 'dome', label: 'Dome' },
    { value: 'moor', label: 'Moor' },
  ],
})
const FREE = property('free', 'YES_NO', { label: 'Free' })
const TESTS = ['is', 'more', 'set'].map((value) => ({ value, label: value }))

let shown: ReturnType<typeof moor>
let answers: Record<string, unknown>
beforeEach(() => {
  answers = {}
  shown = moor([row('home'), row('comets', { kind: 'night' })], (path) => {
    const found = Object.keys(answers).find((key) => path.includes(key))
    if (found) return answers[found]
    return { standing: { id: 'moor', step: 1, shaped: 0 }, plan: { step: 1, rows: [] } }
  })
  shown.site.catalog = structuredClone(shown.site.catalog)
  const kinds = shown.site.catalog!.kinds
  kinds[1]!.fields = [PLACE, FREE]
  kinds[0]!.fields = []
})

/** An input among fields that can be named, its value kept as whoever holds it would. */
function input(of: Property, value?: Value, kinds: string[] = ['night']) {
  const told: (Value | undefined)[] = []
  const around = defineComponent({
    setup() {
      provideFields(() => kinds)
    },
    data: () => ({ value }),
    render() {
      return h(PropertyInput, {
        property: of,
        value: this.value,
        onChange: (next: Value | undefined) => {
          told.push(next)
          this.value = next
        },
      })
    },
  })
  return { wrapper: mount(around, { global: mounting }), told }
}
const last = <T>(all: T[]) => all[all.length - 1]

describe('a field', () => {
  it('is one of those that the kinds at hand have; one that is gone is named as it is kept', async () => {
    const { wrapper, told } = input(property('by', 'FIELD', { label: 'By' }), 'old')
    expect(wrapper.text()).toContain('old (gone)')
    await chooseOf(wrapper, 'By', 'Place')
    expect(told).toEqual(['place'])
    await chooseOf(wrapper, 'By', 'none')
    expect(last(told)).toBeUndefined()
    const none = input(property('by', 'FIELD', { label: 'By' }), '', ['standard'])
    expect(none.wrapper.findAll('[role=radio]').map((r) => r.text())).toEqual(['none'])
  })
})

describe('several chosen by name', () => {
  const fields = property('fields', 'MANY', { label: 'Fields', entries: [property('field', 'FIELD')] })

  it('are added once, put in order, and taken out', async () => {
    const { wrapper, told } = input(fields)
    for (const name of ['Place', 'Free', 'Place']) {
      await wrapper.get('.textlink').trigger('click')
      await chooseOf(wrapper, 'Add to fields', name)
    }
    expect(last(told)).toEqual([{ field: 'place' }, { field: 'free' }])
    await wrapper.get('[aria-label="Move Free up"]').trigger('click')
    expect(last(told)).toEqual([{ field: 'free' }, { field: 'place' }])
    await wrapper.get('[aria-label="Take Free out"]').trigger('click')
    await wrapper.get('[aria-label="Take Place out"]').trigger('click')
    expect(last(told)).toBeUndefined()
  })

  it('say so where what was chosen is gone', () => {
    const pages = property('except', 'MANY', { entries: [property('page', 'PAGE')] })
    const { wrapper } = input(pages, [{ page: 'home' }, { page: 'nowhere' }])
    expect(wrapper.findAll('.one').map((o) => o.get('span').text())).toEqual(['Home', 'a page that is gone'])
  })

  it('name entries too, which are asked for where one is named', async () => {
    const first = property('first', 'MANY', { entries: [property('page', 'ENTRY')] })
    answers = { '/entries': [{ id: 'lamps', name: 'Moor Lamps', kind: 'partner' }] }
    shown.site.catalog!.kinds[1]!.pageless = true
    const { wrapper } = input(first, [{ page: 'home' }, { page: 'lamps' }, { page: 'gone' }])
    await flushPromises()
    expect(wrapper.findAll('.one').map((o) => o.get('span').text())).toEqual([
      'Home',
      'Moor Lamps',
      'an entry that is gone',
    ])
  })
})

describe('conditions', () => {
  const where = property('conditions', 'MANY', {
    label: 'Only where',
    entries: [
      property('field', 'FIELD'),
      property('test', 'CHOICE', { choices: TESTS }),
      property('value', 'WORDS'),
    ],
  })

  it('are read from left to right, and compared with what the field can hold', async () => {
    const { wrapper, told } = input(where)
    await wrapper.get('.textlink').trigger('click')
    await chooseOf(wrapper, 'Field of condition 1', 'Place')
    await chooseOf(wrapper, 'Value of condition 1', 'Moor')
    expect(last(told)).toEqual([{ field: 'place', value: 'moor' }])
    await chooseOf(wrapper, 'Test of condition 1', 'set')
    expect(wrapper.find('[aria-label="Value of condition 1"]').exists()).toBe(false)
    await chooseOf(wrapper, 'Field of condition 1', 'Free')
    expect(last(told)).toEqual([{ field: 'free', test: 'set' }])
    await wrapper.get('[aria-label="Remove condition 1"]').trigger('click')
    expect(last(told)).toBeUndefined()
  })

  it('keep both of two answers given at once', async () => {
    const { wrapper, told } = input(where, [{}])
    const radios = (label: string) =>
      wrapper.get(`[role=radiogroup][aria-label="${label}"]`).findAll('[role=radio]')
    await wrapper.findAll('.chosen')[0]?.trigger('click')
    const title = radios('Field of condition 1').find((r) => r.text() === 'Title')!
    const more = radios('Test of condition 1').find((r) => r.text() === 'more')!
    void title.trigger('click')
    void more.trigger('click')
    await flushPromises()
    expect(last(told)).toEqual([{ field: 'title', test: 'more' }])
  })
})

describe('topics', () => {
  const topics = property('topics', 'MANY', { label: 'Topics', entries: [property('one', 'TOPIC')] })
  const type = async (wrapper: ReturnType<typeof input>['wrapper'], words: string, ...keys: string[]) => {
    const line = wrapper.get('input')
    await line.trigger('focus')
    await flushPromises()
    await line.setValue(words)
    for (const key of keys) await line.trigger('keydown', { key })
    await flushPromises()
  }
  beforeEach(() => {
    answers['/topics'] = [
      { id: 'comets', title: 'Comets', named: 3 },
      { id: 'house', title: 'The house', named: 1 },
    ]
    answers['/places'] = [{ parent: 'home', may: true }]
  })

  it('are found by some letters, and taken out again by the last key', async () => {
    const { wrapper, told } = input(topics)
    await type(wrapper, 'hou')
    expect(wrapper.findAll('[role=option]').map((o) => o.text())).toEqual([
      'The house 1',
      'Make the topic “hou”',
    ])
    await type(wrapper, 'COMET', 'Enter')
    await type(wrapper, 'hou', 'ArrowDown', 'ArrowUp', 'Enter')
    expect(last(told)).toEqual([{ one: 'comets' }, { one: 'house' }])
    await type(wrapper, '', 'Backspace')
    expect(last(told)).toEqual([{ one: 'comets' }])
    await wrapper.get('[aria-label="Take Comets out"]').trigger('click')
    expect(last(told)).toBeUndefined()
  })

  it('are made where there is none of the name, in the place where they may stand', async () => {
    shown.site.catalog!.kinds[1]!.topics = true
    const { wrapper, told } = input(topics)
    await type(wrapper, '  Dark   skies ', 'Enter')
    expect(shown.given).toMatchObject([
      {
        verb: 'make-pages',
        where: { parent: 'home' },
        as: { kind: 'night' },
        pages: [{ title: 'Dark skies' }],
      },
    ])
    const made = (shown.given[0] as { pages: { id: string }[] }).pages[0]!.id
    expect(last(told)).toEqual([{ one: made }])
  })

  it('say what is missing where no kind is one of topics', async () => {
    const { wrapper, told } = input(topics)
    await type(wrapper, 'Dark skies', 'Enter')
    expect(wrapper.get('[role=alert]').text()).toContain('No kind here is one of topics')
    expect([shown.given, told]).toEqual([[], []])
  })
})

describe('settings under headings', () => {
  const declared = [
    property('shape', 'CHOICE', { group: 'Layout', fallback: 'cards', choices: TESTS }),
    property('across', 'NUMBER', { group: 'Layout', onlyWhen: 'shape=cards' }),
    property('dates', 'YES_NO', { group: 'Each', fallback: true }),
    property('dateForm', 'WORDS', { group: 'Each', label: 'Date as', onlyWhen: 'dates' }),
  ]

  it('matter by what holds, given or not', () => {
    const now = (values: Record<string, unknown>) => {
      const held = allHeld(declared, values as never)
      return declared.filter((p) => matters(p, held)).map((p) => p.key)
    }
    expect(now({})).toEqual(['shape', 'across', 'dates', 'dateForm'])
    expect(now({ shape: 'rows', dates: false })).toEqual(['shape', 'dates'])
  })

  it('are folded but for the first, and say folded what of them is set', async () => {
    const props = {
      properties: declared,
      declared,
      values: { dateForm: 'short' } as never,
      unfolded: ['Layout'],
    }
    const wrapper = mount(GroupedInputs, { props, global: mounting })
    const heads = () => wrapper.findAll('.head').map((b) => b.text().replace(/\\s+/g, ' '))
    expect(heads()[1]).toContain('Each date as')
    expect(wrapper.findAll('[data-set]').map((s) => s.attributes('data-set'))).toEqual(['shape', 'across'])
    await wrapper.findAll('.head')[1]!.trigger('click')
    expect(wrapper.findAll('[data-set]')).toHaveLength(4)
    expect(heads()[1]).not.toContain('date as')
  })
})
