import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Property, Value } from '@/api/types'
import { moor, mounting, press, row, choose } from '@/test/moor'
import ChoiceInput from './ChoiceInput.vue'
import FlagInput from './FlagInput.vue'
import HoldsInput from './HoldsInput.vue'
import { newField } from './fields'
import { inputFor } from './inputs'
import LinkInput from './LinkInput.vue'
import ManyInput from './ManyInput.vue'
import PageInput from './PageInput.vue'
import PictureInput from './PictureInput.vue'
import PropertyInput from './PropertyInput.vue'
import RichInput from './RichInput.vue'
import DateInput from './DateInput.vue'
import TypedInput from './TypedInput.vue'

const property = (type: string, more: Partial<Property> = {}) =>
  ({ ...newField('Thing', '', []), type, ...more }) as Property
const CHOICES = [
  { value: 'calm', label: 'Calm' },
  { value: 'loud', label: 'Loud' },
]
let answers: (path: string) => unknown
function input(of: Property, value?: Value, more: object = {}) {
  const wrapper = mount(PropertyInput, { props: { property: of, value, ...more }, global: mounting })
  return { wrapper, told: () => wrapper.emitted('change')?.map((e) => e[0]) ?? [] }
}
beforeEach(() => {
  answers = () => []
  moor([row('home'), row('visit')], (path) => answers(path))
})

describe('the input of a property', () => {
  it.each([
    ['WORDS', TypedInput],
    ['LINES', TypedInput],
    ['NUMBER', TypedInput],
    ['DATE', DateInput],
    ['RICH', RichInput],
    ['PICTURE', PictureInput],
    ['FILE', PictureInput],
    ['FONT', PictureInput],
    ['LINK', LinkInput],
    ['PAGE', PageInput],
    ['YES_NO', FlagInput],
    ['CHOICE', ChoiceInput],
    ['KIND', ChoiceInput],
    ['MANY', ManyInput],
  ])('of type %s is found by its type', (type, component) => {
    expect(inputFor(property(type))).toBe(component)
  })

  it('of a list of kinds is the one that says what may be held', () => {
    expect(inputFor(property('MANY', { key: 'mayHold', entries: [property('KIND', { key: 'kind' })] }))).toBe(
      HoldsInput,
    )
  })

  it('has its label, unit and help around it; in place, it has none of them', () => {
    const of = property('NUMBER', {
      label: 'Aperture',
      unit: 'mm',
      help: 'Of the first mirror.',
      required: true,
    })
    const words = input(of, 3).wrapper.text().replace(/\s+/g, ' ')
    expect(words).toBe('Aperture · mm · asked for Of the first mirror.')
    expect(input(of, 3, { plain: true }).wrapper.text()).toBe('')
  })

  it('is marked while it is a place to fill, and shows the prompt', () => {
    const { wrapper } = input(property('WORDS'), { toFill: 'Name of the night' })
    expect(wrapper.find('[data-to-fill]').exists()).toBe(true)
    expect(wrapper.get('input').attributes('placeholder')).toBe('Name of the night')
    expect(wrapper.get('input').classes()).toContain('fill')
  })

  it('gives numbers as numbers, and nothing for an empty one', async () => {
    const { wrapper, told } = input(property('NUMBER'))
    expect(wrapper.get('input').attributes('type')).toBe('number')
    await wrapper.get('input').setValue('12.5')
    expect(told()).toEqual([12.5])
    const emptied = input(property('NUMBER'), 3)
    await emptied.wrapper.get('input').setValue('')
    await emptied.wrapper.get('input').trigger('blur')
    expect(emptied.told()).toEqual([undefined])
  })
})

describe('days', () => {
  it('are shown in words and read from words, and keep their time', async () => {
    const { wrapper, told } = input(property('DATE_TIME'), '2026-10-02T19:00')
    const [day, time] = wrapper.findAll('input')
    expect((day!.element as HTMLInputElement).value).toContain('October')
    await day!.setValue('9 Oct 2026')
    await time!.setValue('7.30 pm')
    expect(told()).toEqual(['2026-10-09T19:00', '2026-10-02T19:30'])
  })

  it('that are none are told, and not kept', async () => {
    const { wrapper, told } = input(property('DATE'), '2026-10-02')
    await wrapper.get('input').setValue('31 February 2026')
    expect(told()).toEqual([])
    expect(wrapper.text()).toContain('“31 February 2026” is no day')
  })

  it('are chosen in a small month, walked by keys', async () => {
    const { wrapper, told } = input(property('DATE'), '2026-10-31')
    await wrapper.get('[aria-expanded]').trigger('click')
    await wrapper.get('table').trigger('keydown', { key: 'ArrowRight' })
    const at = wrapper.get('td [tabindex="0"]')
    expect(at.text()).toBe('1')
    await at.trigger('click')
    expect(told()).toEqual(['2026-11-01'])
    expect(wrapper.find('table').exists()).toBe(false)
  })
})

describe('choosing', () => {
  it('is among the property’s own, with what holds otherwise shown', async () => {
    const { wrapper, told } = input(property('CHOICE', { choices: CHOICES, fallback: 'calm' as never }))
    expect(wrapper.get('[aria-checked=true]').text()).toBe(CHOICES.find((c) => c.value === 'calm')!.label)
    await choose(wrapper, CHOICES.find((c) => c.value === 'loud')!.label)
    expect(told()).toEqual(['loud'])
  })

  it('is among the site’s kinds, or its pages', async () => {
    const kinds = input(property('KIND'))
    expect(kinds.wrapper.findAll('[role=radio]').map((o) => o.text())).toEqual([
      'Standard page',
      'Open night',
    ])
    const pages = input(property('PAGE'), 'home')
    await pages.wrapper.get('select').setValue('visit')
    await pages.wrapper.get('select').setValue('')
    expect(pages.told()).toEqual(['visit', undefined])
  })

  it('is yes or no', async () => {
    const { wrapper, told } = input(property('YES_NO', { fallback: true as never }))
    expect((wrapper.get('input').element as HTMLInputElement).checked).toBe(true)
    await wrapper.get('input').setValue(false)
    expect(told()).toEqual([false])
  })
})

describe('several of something', () => {
  const links = property('MANY', {
    entries: [
      property('WORDS', { key: 'label', label: 'Label' }),
      property('CHOICE', { key: 'weight', choices: CHOICES }),
    ],
  })
  const two = [{ label: 'One' }, { label: 'Two' }]

  it('are written one by one, and named for those who don’t see them', async () => {
    const { wrapper, told } = input(links, two)
    const second = wrapper.get('[aria-label="Label 2"]')
    await second.setValue('Second')
    expect(told()).toEqual([[{ label: 'One' }, { label: 'Second' }]])
  })

  it('are added, moved up and removed', async () => {
    const { wrapper, told } = input(links, two)
    expect(wrapper.get('[aria-label="Move 1 up"]').attributes('disabled')).toBeDefined()
    await wrapper.get('[aria-label="Move 2 up"]').trigger('click')
    await wrapper.get('[aria-label="Remove 1"]').trigger('click')
    await wrapper.get('.textlink').trigger('click')
    expect(told()).toEqual([[two[1], two[0]], [two[0]], [two[0], {}]])
  })

  it('take what is written and what is taken back upon that, and keep the others', async () => {
    const { wrapper, told } = input(links, [{ label: { toFill: 'Say it' }, weight: 'loud' }])
    await wrapper.get('[aria-label="Label 1"]').setValue('x')
    await wrapper.get('[aria-label="Label 1"]').setValue('')
    await wrapper.get('[aria-label="Label 1"]').trigger('blur')
    expect(told()).toEqual([[{ label: 'x', weight: 'loud' }], [{ label: '', weight: 'loud' }]])
  })
})

describe('a link', () => {
  it.each([
    [undefined, 'Choose where it leads'],
    ['page:visit#hours', '→ Visit'],
    ['page:gone', 'A page that is gone'],
    ['https://elsewhere.example/', 'https://elsewhere.example/'],
  ])('%s reads “%s”', (value, words) => {
    expect(input(property('LINK'), value).wrapper.get('button').text()).toBe(words)
  })

  it('leads where it is told to, by a page’s name or an address', async () => {
    const { wrapper, told } = input(property('LINK'), 'page:home')
    await wrapper.get('button').trigger('click')
    await wrapper.get('form input').setValue('vís')
    expect(wrapper.findAll('.hit').map((h) => h.text())).toEqual(['Visit/visit'])
    await wrapper.get('form').trigger('submit')
    expect(told()).toEqual(['page:visit'])
    await wrapper.get('button').trigger('click')
    await wrapper.get('form input').setValue(' https://elsewhere.example/ ')
    await wrapper.get('form').trigger('submit')
    expect(told().at(-1)).toBe('https://elsewhere.example/')
  })

  it('says that no page is called so, and can be taken away', async () => {
    const { wrapper, told } = input(property('LINK'), 'page:home')
    await wrapper.get('button').trigger('click')
    await wrapper.get('form input').setValue('nowhere')
    expect(wrapper.text()).toContain('No page is called so.')
    await wrapper.get('form').trigger('submit')
    expect(told()).toEqual([])
    await wrapper.get('.danger').trigger('click')
    expect(told()).toEqual([undefined])
  })
})

describe('a picture', () => {
  const slot = { pixels: 1600, shape: '16 : 9', shapeFrom: '', decorates: false }
  const picture = (more: object) => ({
    id: 'trails',
    name: 'Star trails',
    sort: 'PICTURE',
    width: 900,
    format: 'jpeg',
    thumb: '/t.jpg',
    altIn: {},
    ...more,
  })

  it('says what its place wants while there is none', () => {
    const { wrapper } = input(property('PICTURE', { slot }))
    expect(wrapper.text()).toContain('Choose a picture')
    expect(wrapper.text()).toContain('Wants 1600 px wide or more, 16 : 9')
    expect(input(property('FILE')).wrapper.text()).toContain('Choose a file')
  })

  it('says when it will look soft, and when nobody has said what it shows', async () => {
    answers = (path) => (path.includes('/media') ? [picture({})] : {})
    const { wrapper } = input(property('PICTURE', { slot }), 'trails')
    await flushPromises()
    expect(wrapper.text()).toContain('900 px wide; it will look soft where 1600 are shown')
    expect(wrapper.text()).toContain('no words yet')
  })

  it('that is bound says so, and is not chosen here', () => {
    const { wrapper } = input(property('PICTURE'), { bound: 'page.picture' })
    expect(wrapper.find('.picture').exists()).toBe(false)
  })
})

describe('one apart from the others', () => {
  const buttons = property('MANY', {
    entries: [
      property('WORDS', { key: 'label', label: 'Label' }),
      property('CHOICE', { key: 'weight', label: 'Weight', choices: CHOICES }),
      property('CHOICE', { key: 'corners', label: 'Corners', choices: CHOICES }),
    ],
  })

  it('has what sets it apart behind More, with its label, and says when something is set', async () => {
    const { wrapper, told } = input(buttons, [{ label: 'Go', corners: 'loud' }, { label: 'Stay' }])
    const [first, second] = wrapper.findAll('[aria-label^="More of"]')
    expect([first!.classes('apart'), second!.classes('apart')]).toEqual([true, false])
    expect(wrapper.text()).not.toContain('Corners')
    await second!.trigger('click')
    expect(wrapper.text()).toContain('Corners')
    await choose(wrapper, 'Calm', 2)
    expect(told()).toEqual([
      [
        { label: 'Go', corners: 'loud' },
        { label: 'Stay', corners: 'calm' },
      ],
    ])
  })

  it('wears tones by their names; those that the look has not are not offered', () => {
    const tones = ['plain', 'tinted', 'first', 'second', 'third'].map((value) => ({ value, label: value }))
    const { site } = moor()
    site.catalog = { ...site.catalog, tones: [{ key: 'first', label: 'Lichen' }] } as never
    const { wrapper } = input(property('CHOICE', { choices: tones, fallback: 'plain' }), 'third')
    expect(wrapper.findAll('[role=radio]').map((r) => r.text())).toEqual([
      'plain',
      'tinted',
      'Lichen',
      'third',
    ])
  })
})

describe('what may be held', () => {
  const holds = (value: Value | undefined) => {
    const wrapper = mount(HoldsInput, { props: { value, inherited: 'Anything' }, global: mounting })
    return { wrapper, told: () => wrapper.emitted('change')?.map((e) => e[0]) ?? [] }
  }

  it('is inherited, nothing, or some kinds', async () => {
    const { wrapper, told } = holds(undefined)
    expect(wrapper.text()).toContain('Anything')
    const choose = (value: string) => wrapper.get(`input[value=${value}]`).trigger('change')
    await choose('nothing')
    await choose('these')
    expect(told()).toEqual([[]])
    await press(wrapper, 'All of them')
    await choose('inherited')
    expect(told()).toEqual([[], [{ kind: 'standard' }, { kind: 'night' }], undefined])
  })

  it('changes kind by kind', async () => {
    const { wrapper, told } = holds([{ kind: 'night' }])
    const [standard, night] = wrapper.findAll('.kinds input')
    await standard!.setValue(true)
    await night!.setValue(false)
    expect(told()).toEqual([[{ kind: 'night' }, { kind: 'standard' }], [{ kind: 'standard' }]])
  })
})
