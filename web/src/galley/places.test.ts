// Needs no document.
import { describe, expect, it } from 'vitest'
import type { PlacedSection, ZoneDetail } from '@/api/types'
import type { Sheet } from './Sheet'
import { backTo, makePlaces, moved } from './places'

const placed = (id: string, item = 'visit', inner = id) =>
  ({ section: { id, name: id }, item, inner }) as unknown as PlacedSection
const zone = (key: string, fixed: PlacedSection[], sections: PlacedSection[]) =>
  ({ key, fixed, sections }) as unknown as ZoneDetail
const zones = [
  zone('main', [placed('f1', 'plain', 's9')], [placed('a'), placed('b')]),
  zone('side', [], []),
  zone('foot', [], [placed('c', 'shared-1', 's1')]),
]
const sheet = { id: 'visit', zones, everywhere: [placed('e', 'shared-2', 's1')] } as unknown as Sheet

describe('where a section stands and is written', () => {
  const places = makePlaces(() => sheet)

  it('is found in its zone, among the page’s own', () => {
    expect(places.place('b')).toEqual({ zone: 'main', index: 1, count: 2 })
    expect(places.place('f1')).toBeNull()
    expect(places.zoneOf('f1')?.key).toBe('main')
    expect(places.zoneOf('e')).toBeUndefined()
  })

  it('is the page, or its home elsewhere under another id', () => {
    expect(places.home('a')).toEqual({ item: 'visit', section: 'a' })
    expect(places.home('f1')).toEqual({ item: 'plain', section: 's9' })
    expect(places.home('e')).toEqual({ item: 'shared-2', section: 's1' })
    expect(places.home('just-made')).toEqual({ item: 'visit', section: 'just-made' })
    expect([places.isOwn('a'), places.isOwn('c'), places.isOwn('e')]).toEqual([true, false, false])
  })

  it('is nowhere before there is a sheet', () => {
    const none = makePlaces(() => null)
    expect([none.id(), none.place('a'), none.placed('a'), none.isOwn('a')]).toEqual([
      '',
      null,
      undefined,
      false,
    ])
  })
})

describe('moving a section a place further', () => {
  const at = (key: string, index: number, count: number) => ({ zone: key, index, count })

  it.each([
    ['within its zone', at('main', 0, 2), 1, { zone: 'main', index: 1 }],
    ['up within its zone', at('main', 1, 2), -1, { zone: 'main', index: 0 }],
    ['into the next zone, at its head', at('main', 1, 2), 1, { zone: 'side', index: 0 }],
    ['into the zone above, at its foot', at('side', 0, 1), -1, { zone: 'main', index: 2 }],
  ])('goes %s', (_, from, by, to) => {
    expect(moved(zones, from, by)).toEqual(to)
  })

  it('ends at the first and the last zone', () => {
    expect(moved(zones, at('main', 0, 2), -1)).toBeNull()
    expect(moved(zones, at('foot', 0, 1), 1)).toBeNull()
  })
})

describe('coming back from the shelf', () => {
  const as = (key: string, role: string, accepts: string[] = []) =>
    ({ key, role, name: key, accepts, sections: [], fixed: [] }) as unknown as ZoneDetail
  const from = (shelvedZone: string, kind = 'text') =>
    ({ id: 's', shelvedZone, columns: [{ elements: [{ kind }] }] }) as unknown as PlacedSection['section']

  it('goes where it stood, else to the other side, else to the main zone, where it is taken', () => {
    const frame = [as('main', 'MAIN'), as('side-left', 'LEFT', ['text']), as('foot', 'FOOT')]
    expect(backTo(frame, from('foot'))?.key).toBe('foot')
    expect(backTo(frame, from('side'))?.key).toBe('side-left')
    expect(backTo(frame, from('side', 'table'))?.key).toBe('main')
    expect(backTo(frame, from('gone'))?.key).toBe('main')
  })
})
