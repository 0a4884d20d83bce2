import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { createApp, nextTick } from 'vue'
import { moor, row } from '@/test/moor'
import { useNewPage } from './useNewPage'

const ROWS = [row('home'), row('news', { kind: 'night' }), row('first', { parent: 'news', kind: 'night' })]
const START: Parameters<typeof useNewPage>[0] = {
  parent: null,
  after: null,
  several: false,
  kind: null,
  template: null,
}

let shown: ReturnType<typeof moor>
/** Why a kind may not be made, by the kind; and whether a manager may do it even so. */
let whyNot: Record<string, string>
let may: boolean

/** A page that is being described, with what has been asked for answered. */
async function describing(start: Partial<typeof START> = {}) {
  shown = moor(ROWS, (path) => {
    if (path.includes('/addresses')) return { address: '/found', taken: false }
    if (path.includes('/kinds/')) return ROWS.map((r) => ({ parent: r.id, whyNot: whyNot[r.id], may }))
    if (path.includes('/news'))
      return { standing: { id: 'moor', step: 1, shaped: 0 }, plan: { step: 1, rows: [] } }
    return ['standard', 'night'].map((kind) => ({ kind, whyNot: whyNot[kind], may }))
  })
  let made!: ReturnType<typeof useNewPage>
  createApp({
    setup() {
      made = useNewPage({ ...START, ...start })
      return () => null
    },
  }).mount(document.createElement('div'))
  await flushPromises()
  return made
}

beforeEach(() => {
  sessionStorage.clear()
  whyNot = {}
  may = true
})

describe('a new page', () => {
  it('takes the kind that most pages beside it have, of those that fit', async () => {
    expect((await describing()).form.kind).toBe('standard')
    expect((await describing({ parent: 'news' })).form.kind).toBe('night')
    whyNot = { night: 'stand elsewhere' }
    expect((await describing({ parent: 'news' })).form.kind).toBe('standard')
  })

  it('begins in the template that was asked for, as long as its kind may wear it', async () => {
    const worn = async (kind: string) => (await describing({ kind, template: 'plain' })).form.template
    expect(await worn('standard')).toBe('plain')
    expect(await worn('night')).toBe('wide')
    expect((await describing({ kind: 'standard', template: 'wide' })).form.template).toBe('wide')
  })

  it('says what it lacks, one thing at a time', async () => {
    const page = await describing()
    expect(page.lacks.value).toBe('Give it a name')
    page.form.name = '  '
    expect(page.lacks.value).toBe('Give it a name')
    page.form.name = 'Winter'
    expect(page.lacks.value).toBe('')
    page.form.several = true
    expect(page.lacks.value).toBe('Write a name on each line')
  })

  it('is asked for its address while it is one', async () => {
    vi.useFakeTimers()
    const page = await describing({ parent: 'news' })
    page.form.name = 'Winter hours'
    await vi.advanceTimersByTimeAsync(300)
    expect(shown.asked.at(-1)).toContain('/addresses?title=Winter%20hours&parent=news')
    expect(page.address.value).toMatchObject({ address: '/found' })
    page.form.several = true
    await vi.advanceTimersByTimeAsync(300)
    expect(page.address.value).toBeNull()
    vi.useRealTimers()
  })

  it('is made where it was begun, once', async () => {
    const page = await describing({ parent: null, after: 'home' })
    page.form.name = ' Winter '
    page.form.menus = ['main']
    page.form.searchTitle = 'Winter '
    page.form.description = ' Cold nights '
    page.form.begin = 'evening'
    const [id, again] = await Promise.all([page.make(), page.make()])
    expect(again).toBeNull()
    expect(shown.given).toEqual([
      {
        verb: 'make-pages',
        where: { before: 'news' },
        as: { kind: 'standard', begin: 'evening' },
        pages: [{ id, title: 'Winter' }],
        menus: ['main'],
        settings: { searchTitle: 'Winter', searchDescription: 'Cold nights' },
      },
    ])
  })

  it('becomes the kind that wears the template, where its own may not', async () => {
    const page = await describing({ parent: 'news' })
    expect(page.form.kind).toBe('night')
    page.wear('plain')
    await nextTick()
    expect(page.form).toMatchObject({ kind: 'standard', template: 'plain' })
    page.wear('wide')
    await nextTick()
    expect(page.form).toMatchObject({ kind: 'standard', template: 'wide' })
    page.form.kind = 'night'
    await nextTick()
    expect(page.usable.value.map((k) => k.id)).toEqual(['night', 'standard'])
    whyNot = { standard: 'stand elsewhere' }
    page.form.parent = 'first'
    await flushPromises()
    expect(page.usable.value.map((k) => k.id)).toEqual(['night'])
  })

  it('names its template only where it is not the kind’s own', async () => {
    const page = await describing()
    page.form.name = 'Winter'
    page.form.kind = 'night'
    await nextTick()
    expect(page.form.template).toBe('wide')
    page.form.kind = 'standard'
    await nextTick()
    page.form.template = 'wide'
    await page.make()
    expect(shown.given[0]).toMatchObject({ as: { kind: 'standard', template: 'wide' } })
  })

  it('loses no quick key: it is made when it is known what may be made here', async () => {
    const page = await describing({ parent: 'news' })
    page.form.name = 'Winter'
    page.form.parent = null
    page.form.kind = ''
    const making = page.make()
    expect(page.busy.value).toBe(true)
    expect(await page.make()).toBeNull()
    expect(await making).toBeTruthy()
    expect(shown.given).toHaveLength(1)
  })

  it('is kept while one goes back and forward, until it is made', async () => {
    const first = await describing()
    first.form.name = 'Winter'
    first.form.template = 'plain'
    await nextTick()
    const again = await describing()
    expect([again.form.name, again.form.template]).toEqual(['Winter', 'plain'])
    await again.make()
    await nextTick()
    expect((await describing()).form.name).toBe('')
  })

  it('says how long a name may be before it is refused', async () => {
    const page = await describing()
    page.form.name = 'x'.repeat(201)
    expect(page.lacks.value).toContain('has 201 characters; 200 fit')
    expect(await page.make()).toBeNull()
  })

  it('may be several, a line each', async () => {
    const page = await describing({ several: true })
    page.form.names = 'One\n\n  Two  \n'
    await page.make()
    expect(shown.given[0]).toMatchObject({ pages: [{ title: 'One' }, { title: 'Two' }] })
  })

  it('is held to where its kind may stand; a manager may pass over it', async () => {
    whyNot = { standard: 'stand beneath News only', night: 'stand beneath News only' }
    const page = await describing({ kind: null })
    page.form.kind = 'standard'
    page.form.name = 'Winter'
    await nextTick()
    expect([page.nothingFits.value, page.evenSo.value, page.lacks.value]).toEqual([true, true, ''])
    await page.make()
    expect(shown.given[0]).toMatchObject({ where: { evenSo: true } })
    may = false
    const held = await describing()
    held.form.kind = 'standard'
    held.form.name = 'Winter'
    expect(held.lacks.value).toBe('Standard pages stand beneath News only')
    expect(await held.make()).toBeNull()
  })

  it('of a kind that was chosen first goes to a place that fits', async () => {
    whyNot = { home: 'no', first: 'no' }
    const page = await describing({ kind: 'night' })
    expect(page.fitting.value.map((p) => p.parent)).toEqual(['news'])
    expect([page.form.kind, page.form.parent]).toEqual(['night', 'news'])
  })

  it('is led to where a kind stands that does not fit here, and back to all of them', async () => {
    whyNot = { night: 'stand beneath News only', home: 'no', first: 'no' }
    const page = await describing()
    await page.leadTo('night')
    expect([page.given.value, page.form.kind, page.form.parent]).toEqual(['night', 'night', 'news'])
    await page.open()
    expect([page.given.value, page.places.value]).toEqual([null, []])
  })
})
