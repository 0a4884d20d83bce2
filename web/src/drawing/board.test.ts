import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { DrawingFrame } from './frame'
import { placesOn, type Asked } from './board'
import { BATCH, fetchMarkup, forgetMarkup, give, markupOf } from './markup'

const asked = (of: string): Asked => ({ of, version: '1', at: 1000, whole: false })

describe('the places of a board', () => {
  const at = (top: number, width = 100) =>
    ({
      getBoundingClientRect: () => ({ left: 10, top, bottom: top + 50, width, height: 50 }),
      clientLeft: 1,
      clientTop: 1,
    }) as never as HTMLElement
  const laid = (...tops: number[]) =>
    placesOn(
      { left: 10, top: 5 } as DOMRect,
      new Map(tops.map((top, i) => [`p${i}`, [at(top), () => asked(`pattern/${i}`)]])),
      800,
    )

  it('lie within their borders, what is in the window first and then what is nearest', () => {
    const places = laid(2000, 700, -40, -900, 10)
    expect(places.map((p) => p.id)).toEqual(['p2', 'p4', 'p1', 'p3', 'p0'])
    expect(places.map((p) => p.far)).toEqual([0, 0, 0, 850, 1200])
    expect(places[1]).toMatchObject({ x: 1, y: 6, w: 98, h: 48 })
  })

  it('are those that have room, and no more than one document draws', () => {
    const none = placesOn({ left: 0, top: 0 } as DOMRect, new Map([['p', [at(0, 0), () => asked('x')]]]), 800)
    expect(none).toEqual([])
    expect(laid(...Array.from({ length: 400 }, (_, i) => i * 60))).toHaveLength(300)
  })
})

describe('the markup of drawings', () => {
  const answers = vi.fn()
  beforeEach(() => {
    forgetMarkup()
    answers.mockReset()
    vi.stubGlobal('fetch', async (path: string) => {
      const of = new URL(path, 'http://x').searchParams.getAll('of')
      answers(of)
      return new Response(
        JSON.stringify(of.filter((o) => o !== 'gone').map((o) => ({ of: o, html: `<p>${o}` }))),
      )
    })
  })
  const many = (count: number) =>
    Array.from({ length: count }, (_, i) => ({ of: `pattern/${i}`, version: 'a' }))

  it('comes some at a time; what there is no more is not asked for again', async () => {
    await fetchMarkup('moor', [{ of: 'gone', version: 'a' }, ...many(40)])
    expect(answers.mock.calls[0]![0]).toHaveLength(BATCH)
    expect(markupOf('moor', { of: 'gone', version: 'a' })).toBe('')
    expect(markupOf('moor', { of: 'pattern/0', version: 'a' })).toBe('<p>pattern/0')
    expect(markupOf('moor', { of: 'pattern/0', version: 'b' })).toBeUndefined()
    expect(markupOf('other', { of: 'pattern/0', version: 'a' })).toBeUndefined()
  })

  it('is given to a frame once, as soon as it listens', async () => {
    const send = vi.fn()
    const frame = { listening: false, given: new Set<string>(), send } as never as DrawingFrame
    await fetchMarkup('moor', many(2))
    give(frame, 'moor', many(3))
    expect(send).not.toHaveBeenCalled()
    frame.listening = true
    give(frame, 'moor', many(3))
    give(frame, 'moor', many(3))
    expect(send).toHaveBeenCalledOnce()
    expect(send.mock.calls[0]![0].drawings.map((d: { of: string }) => d.of)).toEqual([
      'pattern/0#a',
      'pattern/1#a',
    ])
  })
})
