import { flushPromises, mount } from '@vue/test-utils'
import { createMemoryHistory, createRouter } from 'vue-router'
import { describe, expect, it, vi } from 'vitest'
import type { FieldKindInfo, FormDetail, FormField, Property } from '@/api/types'
import { newField } from '@/property/fields'
import FormInput from '@/property/FormInput.vue'
import { useSession } from '@/session/useSession'
import { choose, moor, mounting, press } from '@/test/moor'
import { server } from '@/test/server'
import FormFieldCard from './FormFieldCard.vue'
import { newFormField } from './formFields'
import FormScreen from './FormScreen.vue'
import FormSettingsPane from './FormSettingsPane.vue'
import NewFormSheet from './NewFormSheet.vue'
import FormHook from './FormHook.vue'

vi.mock('@/look/dragging', () => import('@/test/drag'))

const property = (key: string, type: Property['type'], more: Partial<Property> = {}): Property => ({
  ...newField(key, '', []),
  key,
  type,
  ...more,
})
const KINDS: FieldKindInfo[] = [
  {
    key: 'words',
    name: 'One line of words',
    asks: true,
    settings: [property('help', 'WORDS', { label: 'Help' })],
  },
  {
    key: 'number',
    name: 'Number',
    asks: true,
    settings: [property('least', 'NUMBER', { label: 'The least' })],
  },
  { key: 'pick', name: 'One of our pages', asks: true, settings: [property('kind', 'KIND')] },
]
const SETTINGS = [
  property('button', 'WORDS', { label: 'The button says' }),
  property('places', 'FIELD', { label: 'How many may come is said by', group: 'Places' }),
  property('people', 'FIELD', { label: 'How many come is said by', group: 'Places', onlyWhen: 'places' }),
]
const FORMS = [
  { id: 'book', name: 'Book', note: 'Your name · Which night?', retired: false },
  { id: 'old', name: 'Old one', note: '', retired: true },
]
const READY = [{ id: 'form-contact', name: 'Contact', note: 'Your name', retired: false }]
const field = (key: string, type = 'words', settings = {}): FormField => ({
  ...newFormField(key, '', []),
  key,
  type,
  settings,
})
const detail = (more: Partial<FormDetail> = {}): FormDetail => ({
  id: 'book',
  revision: 'r1',
  name: 'Book',
  retired: false,
  fields: [field('name'), field('night', 'pick', { kind: 'night' }), field('people', 'number')],
  settings: {},
  placed: [],
  ...more,
})

function forms(answers: (path: string) => unknown = () => ({})) {
  const all = moor([], answers)
  const kinds = all.site.catalog!.kinds.map((k) => ({
    ...k,
    fields: k.id === 'night' ? [property('seats', 'NUMBER', { label: 'Places' })] : [],
  }))
  all.site.catalog = {
    ...all.site.catalog!,
    kinds,
    forms: FORMS,
    readyForms: READY,
    fieldKinds: KINDS,
    formSettings: SETTINGS,
  }
  return all
}
const router = () =>
  createRouter({
    history: createMemoryHistory(),
    routes: ['answers', 'form-item', 'page'].map((name) => ({
      path: `/${name}/:form?`,
      name,
      component: FormScreen,
    })),
  })
const global = () => ({ ...mounting, plugins: [router()] })

describe('one thing that a form asks for', () => {
  const card = (of: FormField, all: FormField[], open = true) =>
    mount(FormFieldCard, { props: { field: of, all, open, still: false }, global: global() })

  it('is set to what its kind declares, and becomes another kind', async () => {
    forms()
    const wrapper = card(field('name', 'words', { help: 'As on your letters' }), [field('name')])
    expect(wrapper.text()).toContain('Tables call it name')
    await wrapper.findAll('input').at(-1)!.setValue('')
    await choose(wrapper, 'Number')
    expect(wrapper.emitted('set')!.at(-1)).toEqual([field('name', 'number')])
    await press(wrapper, 'Take it off')
    expect(wrapper.emitted('away')).toHaveLength(1)
  })

  it('says while it is folded whether it is asked for, and is moved by keys', async () => {
    forms()
    const wrapper = card(field('people', 'number', { required: true }), [], false)
    expect(wrapper.get('.tag').text()).toBe('asked for')
    expect(wrapper.find('.more').exists()).toBe(false)
    await wrapper.get('header').trigger('keydown', { key: 'ArrowUp', altKey: true })
    await wrapper.get('.name').trigger('click')
    expect(wrapper.emitted('unfold')).toEqual([[true]])
  })
})

describe('what comes of a form', () => {
  const pane = (form: FormDetail) =>
    mount(FormSettingsPane, { props: { form, still: false }, global: global() })

  it('counts places only where it lets choose something that has a number of them', async () => {
    const { given } = forms()
    expect(pane(detail({ fields: [field('name')] })).text()).not.toContain('How many may come')
    const wrapper = pane(detail())
    expect(wrapper.text()).not.toContain('How many come is said by')
    await choose(wrapper, 'Places')
    await flushPromises()
    expect(given.at(-1)).toEqual({ verb: 'set-value', item: 'book', key: 'places', value: 'seats' })
  })

  it('names what is chosen and is gone, and lets go of it', async () => {
    const { given } = forms()
    const wrapper = pane(detail({ settings: { places: 'chairs', people: 'people' } }))
    expect(wrapper.text()).toContain('chairs (not there)')
    await choose(wrapper, 'nothing: they don’t run out')
    await flushPromises()
    expect(given.at(-1)).toEqual({ verb: 'set-value', item: 'book', key: 'places', value: undefined })
  })
})

describe('a new form', () => {
  it('is called as what it begins with, until somebody calls it otherwise', async () => {
    const { given } = forms()
    const wrapper = mount(NewFormSheet, { global: global() })
    const name = () => wrapper.findAll('input').find((i) => i.attributes('type') !== 'radio')!
    expect(name().element.value).toBe('Contact')
    await wrapper.findAll('input[type=radio]').at(-1)!.setValue(true)
    expect(name().element.value).toBe('')
    await name().setValue('Lend a hand')
    await wrapper.findAll('input[type=radio]')[0]!.setValue(true)
    expect(name().element.value).toBe('Lend a hand')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(given.at(-1)).toMatchObject({ verb: 'make-form', name: 'Lend a hand', from: 'form-contact' })
  })

  it('is made where it is placed; one that is retired says so there', async () => {
    const { given } = forms()
    const wrapper = mount(FormInput, {
      props: { property: property('form', 'FORM'), value: 'old' },
      global: global(),
    })
    expect(wrapper.text()).toContain('Retired: visitors see nothing here.')
    await press(wrapper, 'New form…')
    await wrapper.get('[role=dialog] form').trigger('submit')
    await flushPromises()
    expect(given.at(-1)).toMatchObject({ verb: 'make-form', name: 'Contact', from: 'form-contact' })
    const made = given.at(-1)
    expect(wrapper.emitted('change')).toEqual([[made && 'id' in made ? made.id : '']])
  })

  it('is none of an editor’s', () => {
    forms()
    useSession().role = 'EDITOR'
    const wrapper = mount(FormInput, {
      props: { property: property('form', 'FORM'), value: 'book' },
      global: global(),
    })
    expect(wrapper.text()).toContain('Your name · Which night?')
    expect(wrapper.text()).not.toContain('New form…')
  })
})

describe('answers handed on', () => {
  const AT = '/sites/moor/forms/ask/hook'
  const call = (id: number, said: string, more: object = {}) => ({
    id,
    number: id,
    at: '2026-11-28T12:00:00Z',
    tries: 1,
    said,
    ...more,
  })

  it('are told with what came of each, and are tried again by a press', async () => {
    const sent = server({
      [AT]: {
        secret: 'ab12',
        host: 'desk.example',
        allowed: false,
        calls: [
          call(2, 'it answered 500', { next: '2026-11-28T12:05:00Z' }),
          call(1, 'taken'),
          call(3, 'gone'),
        ],
      },
      [`${AT}/host`]: { secret: 'ab12', host: 'desk.example', allowed: true, calls: [call(2, 'gone')] },
      [`${AT}/again`]: { secret: 'ab12', host: '', calls: [call(2, 'taken')] },
    })
    const wrapper = mount(FormHook, {
      props: { form: 'ask', to: 'https://desk.example/in' },
      global: mounting,
    })
    await flushPromises()
    expect(wrapper.text()).not.toContain('ab12')
    await press(wrapper, 'show the secret')
    expect(wrapper.get('.secret').text()).toBe('ab12')
    const lines = wrapper.findAll('.calls li').map((l) => l.text())
    expect(lines[0]).toMatch(/No\. 2:\s+it answered 500\s+again/)
    expect(lines[2]).toContain('given up')
    expect(wrapper.text()).toMatch(/unless an owner\s+allows it/)
    expect(wrapper.text()).not.toContain('Allow it')
    useSession().person!.owner = true
    await flushPromises()
    await press(wrapper, 'Allow it')
    await flushPromises()
    expect(wrapper.text()).toContain('desk.example is asked wherever it stands')
    await press(wrapper, 'Try again now')
    await flushPromises()
    expect(sent.at(-1)).toContain(`${AT}/again`)
    expect(wrapper.text()).not.toContain('Try again')
    wrapper.unmount()
  })
})
