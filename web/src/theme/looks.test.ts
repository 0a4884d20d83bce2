import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent } from 'vue'
import type { ThemeDetail } from '@/api/types'
import { newField } from '@/property/fields'
import { useSession } from '@/session/useSession'
import { moor, mounting, press } from '@/test/moor'
import ColourInput from './ColourInput.vue'
import ContactSheet from './ContactSheet.vue'
import ContrastPairs from './ContrastPairs.vue'
import FontInput from './FontInput.vue'
import LookCompare from './LookCompare.vue'
import PageDrawing from './PageDrawing.vue'
import PartsSheet from './PartsSheet.vue'
import SampleInput from './SampleInput.vue'
import { sample } from './samples'
import WearSheet from './WearSheet.vue'
import { partAt } from './partAt'
import { drawing, isDrawn } from './drawings'

const choice = (key: string, label: string, ...values: string[]) => ({
  ...newField(label, '', []),
  key,
  type: 'CHOICE',
  fallback: values[0],
  choices: values.map((value) => ({ value, label: value.toUpperCase() })),
})
const theme = {
  id: 'dusk',
  name: 'Dusk',
  pages: 52,
  groups: [
    { key: 'header', label: 'Header', settings: [choice('headerShape', 'Arrangement', 'line', 'over')] },
    { key: 'page', label: 'Paper', settings: [choice('motion', 'Motion', 'lively', 'off')] },
  ],
  settings: { headerShape: 'over' },
  contrast: [],
  hardToRead: [
    {
      ratio: 3,
      says: 'Words stand on the picture at 3.0 : 1.',
      mend: { key: 'motion', value: 'off', label: 'Off' },
    },
  ],
  tones: {},
  sheets: [{ page: 'visit', title: 'Visit', kind: 'Page', template: 'plain' }],
  reaches: { header: { pages: 51, without: ['Bare'] } },
  identity: {
    item: 'site',
    groups: [
      { key: 'header', label: 'Logo', settings: [{ ...newField('Call to act', '', []), key: 'act' }] },
    ],
    values: {},
  },
  apart: { first: [], all: 0 },
  looks: [
    { id: 'dusk', name: 'Dusk', worn: true, colours: ['#101010'], settings: { headerShape: 'over' } },
    { id: 'chalk', name: 'Chalk', worn: false, colours: ['#FFFFFF'], settings: { motion: 'off' } },
    {
      id: 'ember',
      name: 'Ember',
      note: 'a club with many dates',
      worn: false,
      colours: ['#FF0000'],
      settings: {},
    },
    { id: 'fern', name: 'Fern', worn: false, colours: ['#00FF00'], settings: {} },
  ],
} as unknown as ThemeDetail
let given: ReturnType<typeof moor>['given']
beforeEach(() => {
  given = moor().given
})
const global = mounting

describe('a page in outline', () => {
  const drawing = (open = '') => mount(PageDrawing, { props: { theme, open }, global })

  it('opens one part at a time, where a visitor meets it or in the margin', async () => {
    const wrapper = drawing('header')
    expect(wrapper.text()).toContain('on 51 pages, not on Bare’s')
    await wrapper.get('.notes .part').trigger('click')
    expect(wrapper.emitted('update:open')).toEqual([['page']])
    expect(drawing('page').find('.unrolled').exists()).toBe(true)
  })

  it('sets by drawings, with the arrow keys too, and goes back to what is built in', async () => {
    const wrapper = drawing('header')
    await wrapper.get('[aria-label=LINE]').trigger('click')
    await wrapper.get('[role=radiogroup]').trigger('keydown', { key: 'ArrowRight' })
    await wrapper.get('[aria-label="reset: LINE, Arrangement"]').trigger('click')
    expect(given).toMatchObject([
      { verb: 'set-value', item: 'dusk', key: 'headerShape', value: 'line' },
      { value: 'line' },
      { verb: 'set-value', item: 'dusk', key: 'headerShape' },
    ])
    expect(given[2]).not.toHaveProperty('value')
  })

  it('says what can’t be read where it is set, with its mend', async () => {
    expect(drawing('header').text()).not.toContain('3.0 : 1')
    const wrapper = drawing('page')
    expect(wrapper.text()).toContain('Words stand on the picture at 3.0 : 1.')
    await press(wrapper, 'Off')
    expect(given).toMatchObject([{ item: 'dusk', key: 'motion', value: 'off' }])
  })

  it('tells apart what the site says in any look', async () => {
    const wrapper = drawing('header')
    const input = wrapper.findAll('input').find((i) => (i.element as HTMLInputElement).type !== 'color')
    await input?.setValue('Book a place')
    await input?.trigger('blur')
    await flushPromises()
    await vi.waitFor(() => expect(given).toMatchObject([{ item: 'site', key: 'act', value: 'Book a place' }]))
  })

  it('is only read by editors', () => {
    useSession().role = 'EDITOR'
    expect(drawing('header').get('fieldset').attributes()).toHaveProperty('disabled')
  })
})

describe('looks side by side', () => {
  const compare = (others: string[] = []) => mount(LookCompare, { props: { theme, others }, global })

  it('are five beside the one that is worn, found by what they suit', async () => {
    const wrapper = compare(['chalk', 'ember'])
    expect(wrapper.findAll('section').map((s) => s.attributes('aria-label'))).toEqual([
      'Dusk',
      'Chalk',
      'Ember',
    ])
    await press(wrapper, 'Fern')
    await press(wrapper, 'Ember')
    expect(wrapper.emitted('update:others')).toEqual([[['chalk', 'ember', 'fern']], [['chalk', 'fern']]])
    const full = compare(['a', 'b', 'c', 'd', 'ember'])
    await press(full, 'Fern')
    expect(full.emitted('update:others')).toEqual([[['b', 'c', 'd', 'ember', 'fern']]])
    await wrapper.get('input[type=search]').setValue('nothing so')
    expect(wrapper.findAll('.chip').map((c) => c.text())).toEqual(['Dusk', 'Chalk', 'Fern'])
  })

  it('say what wearing one changes before it is worn', async () => {
    const wrapper = mount(WearSheet, { props: { theme, look: 'chalk' }, global })
    expect(wrapper.text()).toContain('header (1), paper (1)')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(given).toEqual([{ verb: 'wear-look', look: 'chalk' }])
    expect(wrapper.emitted('close')).toHaveLength(1)
  })

  it('give parts of themselves', async () => {
    const wrapper = mount(PartsSheet, { props: { theme, look: 'chalk' }, global })
    await wrapper.get('input[value=page]').setValue(true)
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(given).toEqual([{ verb: 'take-parts', look: 'dusk', from: 'chalk', parts: ['page'] }])
  })

  it('are not worn by editors', () => {
    useSession().role = 'EDITOR'
    expect(compare(['chalk']).text()).not.toContain('Wear it')
  })
})

it('a part is opened by pointing at what it draws', () => {
  const at = (sort: string, top: number) => ({ sort, top, words: '', left: 0, width: 1200 })
  const blocks = [
    at('ASIDE.notices', 0),
    at('HEADER.top t-plain', 36),
    at('SECTION.s opening pic t-deep', 36),
    at('DIV.in', 300),
    at('SECTION.s t-plain', 700),
    at('FOOTER.foot t-deep', 2000),
  ]
  expect([10, 60, 400, 900, 2100].map((y) => partAt(blocks, y))).toEqual([
    'notice',
    'header',
    'opening',
    'lists',
    'footer',
  ])
  expect(partAt([at('DIV.band t-plain', 120), at('SECTION.s', 300)], 200)).toBe('band')
})

it('every arrangement that is drawn is drawn unlike the others', () => {
  for (const key of ['headerShape', 'openingShape', 'cardShape', 'footerShape'])
    expect(isDrawn(key)).toBe(true)
  const shapes = ['line', 'over', 'stacked', 'boxed', 'tabs', 'edges'].map((c) =>
    JSON.stringify(drawing('headerShape', c)),
  )
  expect(new Set(shapes).size).toBe(6)
  expect(shapes.every((s) => s.length > 2)).toBe(true)
})

describe('the contact sheet', () => {
  /** What the board is sent, and what its places are drawn from, by what the server answers: the look's revision, its rules, its tokens. */
  function sheet() {
    const style = { css: 'all', tokens: 'mine', rules: 'r1', revision: '1' }
    const site = moor([], (path) =>
      path.includes('/theme/trial') ? { tokens: 'tried' } : path.endsWith('/theme/style') ? { ...style } : {},
    ).site
    const sent: object[] = []
    const DrawingBoard = defineComponent({
      inheritAttrs: false,
      emits: ['blocks'],
      setup: (_, { expose, slots }) => (
        expose({ send: (m: object) => sent.push(m) }),
        () => slots.default?.()
      ),
    })
    const wrapper = mount(ContactSheet, {
      props: { theme, before: false, trial: null },
      global: { ...mounting, stubs: { DrawingBoard, DrawnPlace: true, TemplateGlyph: true } },
    })
    const step = async (more: object) => {
      Object.assign(style, more)
      site.step++
      await flushPromises()
    }
    const versions = () => wrapper.findAll('drawn-place-stub').map((p) => p.attributes('version'))
    return { wrapper, sent, versions, step }
  }

  it('shows a colour that is only being tried, and keeps it to the tokens once it is a step', async () => {
    const { wrapper, sent, versions, step } = sheet()
    await flushPromises()
    const before = versions()
    await wrapper.setProps({ trial: { key: 'colourAccent', value: '#101010' } })
    await flushPromises()
    expect(sent).toEqual([{ type: 'style', tokens: 'tried' }])
    await step({ revision: '2', tokens: 'kept' })
    expect(sent.at(-1)).toEqual({ type: 'style', tokens: 'kept' })
    expect(versions()).toEqual(before)
    await wrapper.setProps({ before: true })
    expect(sent.at(-1)).toEqual({ type: 'style' })
    await wrapper.setProps({ before: false })
    expect(sent.at(-1)).toEqual({ type: 'style', tokens: 'kept' })
  })

  it('draws pages anew where more than that may be new', async () => {
    const { sent, versions, step } = sheet()
    await flushPromises()
    const [before] = versions()
    await step({ revision: '2', rules: 'r2' })
    expect(sent.at(-1)).toEqual({ type: 'style', css: 'all', tokens: 'mine' })
    const [after, beside] = versions()
    expect(after).not.toBe(before)
    expect(beside).toBe(after)
    await step({})
    expect(versions()[0]).not.toBe(after)
  })
})

it('a family is chosen from the site’s own name set in it', async () => {
  moor()
  const property = choice('headingFont', 'Headings', 'fraunces', 'own')
  const wrapper = mount(FontInput, { props: { property: property as never, value: 'own' }, global })
  expect(wrapper.findAll('.words')).toHaveLength(1)
  await wrapper.findAll('[role=radio]')[0]?.trigger('click')
  expect(wrapper.emitted('change')).toEqual([['fraunces']])
})

it('a style is chosen from the site’s own words, as each would set them', async () => {
  moor()
  const property = choice('buttonShape', 'Shape', 'round', 'square') as never
  const wrapper = mount(SampleInput, { props: { property, value: 'round' }, global })
  const radius = wrapper.findAll('.cut').map((w) => (w.element as HTMLElement).style.borderRadius)
  expect(radius).toEqual(['99px', '0px'])
  await wrapper.findAll('[role=radio]')[1]?.trigger('click')
  expect(wrapper.emitted('change')).toEqual([['square']])
  const look = (key: string) => ({ colourAccent: '#112233', headingCase: 'upper' })[key] ?? ''
  expect(sample('headOrnament', 'bar', look)?.above?.borderTop).toContain('#112233')
  expect(sample('headOrnament', 'none', look)?.above).toBeUndefined()
  expect(sample('headOrnament', 'none', look)?.words.textTransform).toBe('uppercase')
})

it('every pair says where it is met, and one that fails offers what passes', async () => {
  const pair = {
    label: 'Words on the page',
    tone: 'plain',
    ratio: 3.1,
    needed: 4.5,
    setting: 'colourWords',
    nearest: '#111111',
  }
  const props = { theme: { ...theme, contrast: [pair], tones: { plain: 7 } } as unknown as ThemeDetail }
  moor()
  const wrapper = mount(ContrastPairs, { props, global })
  expect(wrapper.text()).toContain('7 sections')
  await press(wrapper, 'Take #111111')
  expect(wrapper.emitted('take')).toEqual([['colourWords', '#111111']])
})

describe('a colour', () => {
  const open = () =>
    mount(ColourInput, { props: { property: newField('Words', '', []), value: '#101010' }, global })

  it('is chosen, or written as six digits with or without the mark', async () => {
    const wrapper = open()
    await wrapper.get('input[type=color]').setValue('#abcdef')
    expect(wrapper.emitted('change')).toEqual([['#ABCDEF']])
    const other = open()
    await other.get('.hex').setValue('0f0f0f')
    await other.get('.hex').trigger('change')
    expect(other.emitted('change')?.at(-1)).toEqual(['#0F0F0F'])
  })

  it('stays what it was where what is written is none', async () => {
    const wrapper = open()
    await wrapper.get('.hex').setValue('red')
    await wrapper.get('.hex').trigger('change')
    expect(wrapper.emitted('change')).toBeUndefined()
    expect((wrapper.get('.hex').element as HTMLInputElement).value).toBe('#101010')
  })
})
