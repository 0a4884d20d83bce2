import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import type { PartUse, Property } from '@/api/types'
import { newField } from '@/property/fields'
import { mounting, moor } from '@/test/moor'
import { PARTS_GROUP, partRows } from './parts'
import PartsSheet from './PartsSheet.vue'

const choices = [
  { value: 'usual', label: 'As usual' },
  { value: 'shown', label: 'Shown' },
  { value: 'none', label: 'Not shown' },
]
const declared: Property[] = ['partDate', 'partTopics'].map((key) => ({
  ...newField(key, PARTS_GROUP, []),
  key,
  label: key.slice(4),
  type: 'CHOICE',
  choices: choices,
}))
const use = (key: string, own: Record<string, number>, more: Partial<PartUse> = {}): PartUse => ({
  key,
  own,
  usual: { '': 2 },
  differing: [],
  ...more,
})

describe('the parts of some pages', () => {
  it('say what is usual, and what all of them say', () => {
    const [date, topics] = partRows(declared, [use('partDate', {}), use('partTopics', { shown: 2 })], 2)
    expect(date!.items.map((i) => i.title)).toEqual(['As usual: not shown', 'Shown', 'Not shown'])
    expect([date!.way, topics!.way]).toEqual(['usual', 'shown'])
  })

  it('say nothing where the pages are not alike, in what they say or in what is usual', () => {
    const [some, each] = partRows(
      declared,
      [
        use('partDate', { shown: 1 }),
        use('partTopics', { shown: 1, none: 1 }, { usual: { '': 1, shown: 1 } }),
      ],
      2,
    )
    expect([some!.way, each!.way]).toEqual([undefined, undefined])
    expect(each!.items[0]!.title).toBe('As usual: each its own')
  })

  it('leave out what this site’s pages don’t declare', () => {
    expect(partRows([], [use('partDate', {})], 1)).toEqual([])
  })
})

describe('the sheet of parts', () => {
  let shown: ReturnType<typeof moor>
  let uses: PartUse[]
  beforeEach(() => {
    uses = [use('partDate', { shown: 1 }, { differing: [{ id: 'a', title: 'The roof', way: 'shown' }] })]
    shown = moor([], (path) => (path.endsWith('/parts') ? uses : {}))
    shown.site.catalog!.pageSettings = declared
  })
  const open = async () => {
    const wrapper = mount(PartsSheet, {
      props: { pages: ['a', 'b'] },
      global: mounting,
      attachTo: document.body,
    })
    await flushPromises()
    return wrapper
  }

  it('names the pages that differ', async () => {
    await open()
    expect(document.body.textContent).toMatch(/1 page differs:\s+The roof/)
  })

  it('sets a part on every page in one step, and takes it back to what is usual', async () => {
    await open()
    const radios = [...document.querySelectorAll<HTMLElement>('[role=radio]')]
    radios.find((r) => r.textContent?.includes('Not shown'))!.click()
    await flushPromises()
    expect(shown.given).toEqual(
      ['a', 'b'].map((item) => ({ verb: 'set-value', item, key: 'partDate', value: 'none' })),
    )
    radios.find((r) => r.textContent?.includes('As usual'))!.click()
    await flushPromises()
    expect(shown.given.slice(2)).toEqual(
      ['a', 'b'].map((item) => ({ verb: 'set-value', item, key: 'partDate', value: undefined })),
    )
  })
})
