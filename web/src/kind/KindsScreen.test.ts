import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { moor, press, row, stubs } from '@/test/moor'
import KindsScreen from './KindsScreen.vue'
import { changed, partsOf } from './useKinds'

const shows = { left: false, right: true, inLeft: [], inRight: [], band: 'WORDS', parts: ['partDate'] }
const line = (id: string, more = {}) => ({
  id,
  revision: id,
  settings: {},
  beneath: { where: 'ANYWHERE', ids: [] },
  shows,
  own: [],
  ...more,
})
const choice = (key: string, ...values: string[]) => ({
  key,
  label: key,
  type: 'CHOICE',
  choices: values.map((value) => ({ value, label: value })),
  help: '',
})
const LINES = [line('standard'), line('night', { own: [{ aspect: 'SIDES', pages: 2, first: ['home'] }] })]

let shown: ReturnType<typeof moor>
beforeEach(() => {
  shown = moor([row('home')], (path) =>
    path.includes('extremes')
      ? [{ in: 'SHORTEST', what: 'the shortest', page: 'home', title: 'Home' }]
      : { lines: LINES, declared: [choice('sides', 'template', 'none', 'both'), choice('band', 'template')] },
  )
})
const open = async () => {
  const wrapper = mount(KindsScreen, { global: { stubs: { ...stubs, DrawingBoard: true } } })
  await flushPromises()
  return wrapper
}
const cell = (wrapper: Awaited<ReturnType<typeof open>>, kind: number, column: number) =>
  wrapper.findAll('tbody tr')[kind]!.findAll('.cell')[column]!

describe('kinds side by side', () => {
  it('say what stands in their columns, and that a column with nothing in it is not shown', async () => {
    const wrapper = await open()
    expect(cell(wrapper, 0, 1).text()).toBe('right, with nothing in it')
    await cell(wrapper, 1, 1).trigger('click')
    await flushPromises()
    expect(wrapper.text()).toContain('these pages are shown without it')
    expect(wrapper.text()).toMatch(/2 of which say otherwise\s+themselves/)
    await press(wrapper, 'look at them')
    expect(wrapper.find('.otherwise').text()).toMatch(/and 1 more/)
  })

  it('are changed one by one, and together where several are chosen', async () => {
    const wrapper = await open()
    await cell(wrapper, 1, 1).trigger('click')
    await press(wrapper, 'both')
    expect(shown.given).toEqual([{ verb: 'set-value', item: 'night', key: 'sides', value: 'both' }])
    for (const box of wrapper.findAll('tbody input')) await box.setValue(true)
    await cell(wrapper, 0, 1).trigger('click')
    expect(wrapper.text()).toContain('2 kinds at once: Standard page, Open night')
    await press(wrapper, 'none')
    expect(shown.given.slice(1)).toMatchObject([
      { item: 'standard', key: 'sides', value: 'none' },
      { item: 'night', key: 'sides', value: 'none' },
    ])
  })

  it('count the pages that a change is for once, and those that say otherwise by the setting', () => {
    const own = [{ aspect: 'PARTS', pages: 3, first: ['a'] }]
    const lines = [line('standard', { own }), line('night')] as never[]
    expect(changed(lines, () => 4, 'parts')).toEqual({ all: 8, own: 3, first: ['a'] })
    expect(changed(lines, () => 4, 'band')).toEqual({ all: 8, own: 0, first: [] })
    expect(partsOf(['partDate']).filter((p) => p.on)).toEqual([{ key: 'partDate', words: 'date', on: true }])
  })
})
