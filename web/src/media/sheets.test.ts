import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { MediaInfo } from '@/api/types'
import { moor, mounting, press, choose } from '@/test/moor'
import CutSheet from './CutSheet.vue'
import FocalPoint, { ratioOf } from './FocalPoint.vue'
import MediaCard from './MediaCard.vue'
import MediaSheet from './MediaSheet.vue'
import OtherWords from './OtherWords.vue'

const picture = (more: object = {}) =>
  ({
    id: 'trails',
    name: 'Star trails',
    folder: 'Sky',
    sort: 'PICTURE',
    format: 'jpeg',
    width: 3000,
    height: 2000,
    bytes: 1_500_000,
    path: '/-/media/trails.jpg',
    whole: '/-/media/trails.jpg',
    focalX: 50,
    focalY: 95,
    decorative: false,
    alt: 'Circles around the pole',
    altIn: {},
    uses: [],
    since: '',
    earlier: [],
    ...more,
  }) as unknown as MediaInfo
let shown: ReturnType<typeof moor>
beforeEach(() => {
  shown = moor([], (path) => (path.endsWith('/stands') ? [] : {}))
})
const global = mounting

describe('a picture that nobody has described', () => {
  const chosen = async (silent: boolean) => {
    moor([], (path) => (path.endsWith('/media') ? [picture({ alt: undefined, thumb: '/t.jpg' })] : {}))
    const stubs = { ...global.stubs, VTextarea: { template: '<textarea />' } }
    const wrapper = mount(MediaSheet, { props: { value: '', silent }, global: { ...global, stubs } })
    await vi.waitFor(() => expect(wrapper.text()).toContain('Star trails'))
    await press(wrapper, 'Star trails')
    return wrapper
  }

  it('is asked what it shows, but not where it lies behind words', async () => {
    const speaking = await chosen(false)
    expect([speaking.emitted('take'), speaking.text().includes('in a sentence')]).toEqual([undefined, true])
    expect((await chosen(true)).emitted('take')).toEqual([['trails']])
  })
})

describe('a file’s card', () => {
  const card = (more: object = {}) =>
    mount(MediaCard, { props: { media: picture(more), folders: ['Sky', 'People'] }, global })

  it('renames, files and describes', async () => {
    const wrapper = card()
    await wrapper.get('#media-name').setValue('Trails')
    await wrapper.get('#media-name').trigger('change')
    await wrapper.get('#media-alt').setValue('  Circles of light  ')
    await wrapper.get('#media-alt').trigger('change')
    await flushPromises()
    expect(shown.given).toContainEqual({ verb: 'file-media', media: 'trails', name: 'Trails', folder: 'Sky' })
    expect(shown.given.at(-1)).toEqual({
      verb: 'describe-media',
      media: 'trails',
      alt: 'Circles of light',
      decorative: false,
    })
  })

  it('says that it only decorates, and asks for no words then', async () => {
    const wrapper = card()
    await wrapper.get('input[type=checkbox]').setValue(true)
    await flushPromises()
    expect(shown.given.at(-1)).toMatchObject({ verb: 'describe-media', decorative: true })
    expect(card({ decorative: true }).get('#media-alt').attributes('disabled')).toBeDefined()
  })

  it('is removed at once where it is used nowhere', async () => {
    const wrapper = card()
    expect(wrapper.text()).toContain('Nowhere yet.')
    await press(wrapper, 'Remove')
    expect(shown.given).toEqual([{ verb: 'remove-media', media: 'trails', anyway: false }])
    expect(wrapper.emitted('gone')).toHaveLength(1)
  })

  it('has what a document was before, of which one can be forgotten', async () => {
    const earlier = [
      { file: 'ab12', format: 'pdf', bytes: 9000, since: '2026-03-01', path: '/-/media/ab.pdf' },
    ]
    const wrapper = card({ sort: 'DOCUMENT', format: 'pdf', since: '2026-11-02', earlier })
    expect(wrapper.get('.versions a').attributes('href')).toMatch(/\/-\/media\/ab\.pdf$/)
    await press(wrapper, 'Forget')
    expect(shown.given).toEqual([{ verb: 'forget-earlier', media: 'trails', file: 'ab12' }])
    expect(card().find('.versions').exists()).toBe(false)
  })

  it('asks before it leaves places empty', async () => {
    const uses = [
      { id: 'visit', name: 'Visit', page: true },
      { id: 'wide', name: 'Wide picture', page: false },
    ]
    const wrapper = card({ uses })
    await press(wrapper, 'Remove')
    expect(shown.given).toEqual([])
    expect(wrapper.get('[role=alertdialog]').text()).toContain('Its 2 places will be empty.')
    await press(wrapper, 'Keep it')
    await press(wrapper, 'Remove')
    await press(wrapper, 'Remove it all the same')
    expect(shown.given).toEqual([{ verb: 'remove-media', media: 'trails', anyway: true }])
  })

  it('plays films and sounds, and shows a document’s first page, or what it is where it has none', async () => {
    expect(card({ sort: 'FILM' }).find('video').exists()).toBe(true)
    expect(card({ sort: 'SOUND' }).find('audio').exists()).toBe(true)
    const paper = card({ sort: 'DOCUMENT', format: 'pdf', width: 0 })
    expect(paper.find('#media-alt').exists()).toBe(false)
    const page = paper.get('img')
    expect(page.attributes('src')).toBe('/api/sites/moor/media/trails/first-page')
    await page.trigger('error')
    expect(paper.get('.sort').text()).toBe('pdf')
  })
})

describe('the focal point', () => {
  const open = (stands: object[] = []) =>
    mount(FocalPoint, { props: { src: '/t.jpg', x: 50, y: 98, stands: stands as never }, global })

  it('moves by arrows and stays on the picture', async () => {
    const wrapper = open()
    for (const key of ['ArrowLeft', 'ArrowDown', 'a'])
      await wrapper.get('[role=slider]').trigger('keydown', { key })
    expect(wrapper.emitted('move')).toEqual([
      [45, 98],
      [50, 100],
    ])
  })

  it('is told when it has been dragged, once', async () => {
    const wrapper = open()
    const box = wrapper.get<HTMLElement>('.whole')
    box.element.setPointerCapture = vi.fn()
    box.element.getBoundingClientRect = () => ({ left: 0, top: 0, width: 200, height: 100 }) as DOMRect
    await box.trigger('pointerdown', { clientX: 20, clientY: 20, pointerId: 1 })
    await box.trigger('pointermove', { clientX: 300, clientY: 30 })
    expect(wrapper.emitted('move')).toBeUndefined()
    expect(box.attributes('aria-valuetext')).toBe('100 % from the left, 30 % from the top')
    await box.trigger('pointerup')
    await box.trigger('pointerup')
    expect(wrapper.emitted('move')).toEqual([[100, 30]])
  })

  it('is seen in the shapes that it is cut to, each once, else in three usual ones', () => {
    const stand = (shape: string, itemName: string) => ({ shape, itemName, where: 'Picture' })
    const used = open([stand('Wide 16 : 9', 'Home'), stand('Wide 16 : 9', 'Visit'), stand('', 'News')])
    expect(used.findAll('figcaption').map((f) => f.text())).toEqual(['Wide 16 : 9'])
    expect(used.get('figure').attributes('title')).toBe('Home: Picture\nVisit: Picture')
    expect(open().findAll('figcaption')).toHaveLength(3)
  })

  it.each([
    ['Wide 16 : 9', '16 / 9'],
    ['2.35 : 1', '2.35 / 1'],
    ['Round', '1'],
  ])('“%s” is %s', (words, ratio) => {
    expect(ratioOf(words)).toBe(ratio)
  })
})

describe('cutting a picture', () => {
  const open = (more: object = {}) => mount(CutSheet, { props: { media: picture(more) }, global })
  const cuts = () => shown.asked.filter((path) => path.endsWith('/cut'))

  it('begins with what was cut before, and can show the whole again', async () => {
    const wrapper = open({ cut: { left: 0, top: 0, wide: 50, high: 50, width: 3000, height: 2000 } })
    expect(wrapper.text()).toContain('1500 × 1000 px')
    await press(wrapper, 'Show the whole again')
    expect(cuts()).toHaveLength(1)
    expect(wrapper.emitted('close')).toHaveLength(1)
  })

  it('takes a shape, and is moved and sized by keys', async () => {
    const wrapper = open()
    await press(wrapper, 'Square')
    const part = wrapper.get('[role=slider]')
    const size = () => wrapper.get('.mono.label').text()
    const [wide, high] = size().match(/\d+/g)!.map(Number)
    expect(wide! / high!).toBeCloseTo(1, 1)
    const before = part.attributes('aria-valuenow')
    await part.trigger('keydown', { key: 'ArrowLeft' })
    expect(part.attributes('aria-valuenow')).not.toBe(before)
    await part.trigger('keydown', { key: 'ArrowLeft', shiftKey: true })
    expect(Number(size().match(/\d+/)![0])).toBeLessThan(wide!)
  })

  it('says why it can’t be cut, and stays', async () => {
    const problem = { code: 'too-small', detail: 'That part is too small.', fix: 'Take more of it.' }
    const wrapper = open()
    vi.stubGlobal('fetch', () => Promise.resolve(new Response(JSON.stringify(problem), { status: 400 })))
    await press(wrapper, 'Show this part')
    expect(wrapper.get('[role=alert]').text()).toContain('That part is too small.')
    expect(wrapper.emitted('close')).toBeUndefined()
  })
})

describe('words in other languages', () => {
  const choices = ['site', 'en-GB', 'cy', 'fr'].map((value) => ({ value, label: value }))

  it('are offered in the languages of pages beside the site’s own, and written one by one', async () => {
    shown.site.catalog!.pageSettings = [{ key: 'language', choices }] as never
    const wrapper = mount(OtherWords, { props: { media: picture({ altIn: { cy: 'Cylchoedd' } }) }, global })
    expect(wrapper.findAll('[role=radio]').map((o) => o.text())).toEqual(['French'])
    await choose(wrapper, 'French')
    const [, french] = wrapper.findAll('textarea')
    await french!.setValue(' Des cercles ')
    await french!.trigger('blur')
    await flushPromises()
    expect(shown.given).toEqual([
      { verb: 'describe-media', media: 'trails', alt: 'Des cercles', decorative: false, language: 'fr' },
    ])
    expect(wrapper.find('.choice').exists()).toBe(false)
  })
})
