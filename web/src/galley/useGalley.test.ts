import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import type { Command, PlacedSection } from '@/api/types'
import type { Sheet } from './Sheet'

const given: { command: Command; item: string | null; group?: string }[] = []
vi.mock('@/site/useSite', () => ({
  useSite: () => ({
    id: 'moor',
    catalog: { elements: [{ key: 'table', name: 'Table' }] },
    give: (command: Command, item: string | null, group?: string) => {
      given.push({ command, item, group })
      return Promise.resolve({ ok: true })
    },
  }),
}))
const { makeGalley } = await import('./useGalley')

const placed = (id: string, item: string, inner: string, kinds: string[] = []) =>
  ({
    section: { id, name: id, columns: [{ elements: kinds.map((kind) => ({ kind })) }] },
    item,
    inner,
  }) as unknown as PlacedSection

function sheet(): Sheet {
  return {
    id: 'visit',
    sort: 'page',
    zones: [
      {
        key: 'main',
        name: 'Main',
        role: 'MAIN',
        accepts: [],
        fixed: [placed('f1', 'wide', 'f1')],
        sections: [
          placed('a', 'visit', 'a', ['table']),
          placed('link', 'plan', 's1'),
          placed('b', 'visit', 'b'),
        ],
      },
      { key: 'side', name: 'Side column', role: 'RIGHT', accepts: ['text'], fixed: [], sections: [] },
    ],
    everywhere: [placed('dark-road', 'dark-road', 's1')],
    shelf: [],
    toFill: [],
    address: '/visit',
    proof: { path: '', query: '' },
  } as unknown as Sheet
}

describe('the galley', () => {
  beforeEach(() => {
    setActivePinia(createPinia())
    given.length = 0
  })
  const galley = () => makeGalley(ref(sheet()), ref(null))
  const last = () => given[given.length - 1]!

  it('writes each section where it has its home', async () => {
    const g = galley()
    for (const [section, item, inner] of [
      ['a', 'visit', 'a'],
      ['link', 'plan', 's1'],
      ['f1', 'wide', 'f1'],
      ['dark-road', 'dark-road', 's1'],
    ]) {
      await g.set(section!, 'e1', 'text', 'words')
      expect(last().item).toBe(item)
      expect(last().command).toMatchObject({ verb: 'set-value', item, section: inner, element: 'e1' })
    }
    expect(g.isOwn('a')).toBe(true)
    expect(g.isOwn('link')).toBe(false)
  })

  it('makes keystrokes in one place one step, and a new one after leaving', async () => {
    const g = galley()
    await g.set('a', 'e1', 'text', 'w')
    await g.set('a', 'e1', 'text', 'wo')
    expect(given[0]!.group).toBe(given[1]!.group)
    await g.set('a', 'e2', 'text', 'x')
    expect(given[2]!.group).not.toBe(given[1]!.group)
    g.leave()
    await g.set('a', 'e2', 'text', 'xy')
    expect(given[3]!.group).not.toBe(given[2]!.group)
  })

  it('moves within its zone, then into the next one', async () => {
    const g = galley()
    await g.move('a', 1)
    expect(last().command).toMatchObject({ verb: 'move-section', item: 'visit', zone: 'main', index: 1 })
    await g.move('b', 1)
    expect(last().command).toMatchObject({ verb: 'move-section', zone: 'side', index: 0 })
    const before = given.length
    await g.move('a', -1)
    await g.move('dark-road', 1)
    await g.move('f1', 1)
    expect(given.length, 'nothing above, and what stands elsewhere stays').toBe(before)
  })

  it('has focus go to what an act has made, or to what stands beside what it took out, once that shows', async () => {
    const on = ref(sheet())
    const g = makeGalley(on, ref(null))
    await g.copy('a')
    const copied = g.attended.value!
    expect(copied.isThere()).toBe(false)
    on.value.zones[0]!.sections.splice(1, 0, placed(copied.section!, 'visit', copied.section!))
    expect([copied.isThere(), copied.says()]).toEqual([true, 'a has a copy after it.'])
    await g.move('a', 1)
    expect(g.attended.value).toMatchObject({ section: 'a' })
    expect(g.attended.value!.isThere(), 'not before it has moved').toBe(false)
    await g.remove('b')
    expect([g.attended.value?.section, g.gone.value]).toEqual(['link', { zone: 'main', index: 3, name: 'b' }])
    await g.put({ zone: 'main', index: 0 }, { spans: [12] })
    expect(g.gone.value, 'the line goes with the next act').toBeNull()
    expect(last().command).toMatchObject({ verb: 'place-section', id: g.attended.value?.section, index: 0 })
  })

  it('says why a zone does not take a section', () => {
    const g = galley()
    const [main, side] = g.sheet.value!.zones
    expect(g.whyNot(side!, 'a')).toBe('Side column takes no table')
    expect(g.whyNot(side!, 'b')).toBe('')
    expect(g.whyNot(main!, 'a')).toBe('')
  })

  it('opens the tray after the chosen section, or at the end of the main zone', () => {
    const g = galley()
    g.insertAfterChosen()
    expect(g.spot.value).toEqual({ zone: 'main', index: 3 })
    g.chosen.value = 'a'
    g.insertAfterChosen()
    expect(g.spot.value).toEqual({ zone: 'main', index: 1 })
    g.goOn(2)
    expect(g.spot.value, 'after what is placed').toEqual({ zone: 'main', index: 3 })
  })
})
