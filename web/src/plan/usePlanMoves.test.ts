import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { useNotices } from '@/edit/useNotices'
import { moor, NOTHING_COMES, row } from '@/test/moor'
import { carried, heldWords, outline } from './outline'
import { usePlanMoves } from './usePlanMoves'

const ROWS = [
  row('home'),
  row('visit'),
  row('hours', { parent: 'visit' }),
  row('winter', { parent: 'visit' }),
  row('news', { menus: ['main'] }),
]

/** The Plan while a page is dragged that may not stand beneath some. */
async function dragging(
  id: string,
  whyNot: Record<string, string> = {},
  managers = true,
  lines: unknown[] = [],
  coming = 0,
) {
  const places = ['', ...ROWS.map((r) => r.id)].map((parent) => ({
    parent: parent || undefined,
    whyNot: whyNot[parent],
    may: managers,
  }))
  const plan = moor(ROWS, (path) =>
    path.endsWith('/places') ? places : path.includes('/lines') ? lines : { ...NOTHING_COMES, moves: coming },
  )
  const moves = usePlanMoves()
  const find = (page: string) => ROWS.find((r) => r.id === page)!
  await moves.begin(find(id))
  const drop = async (over: string, share: number) => {
    moves.over(find(over), share)
    await moves.finish()
    await flushPromises()
  }
  return { ...plan, moves, drop, find }
}

let notices: () => string[]
beforeEach(() => {
  notices = () => useNotices().list.map((n) => n.says)
})

describe('dragging a page', () => {
  it.each([
    ['before another', 'visit', 0.1, { parent: undefined, before: 'visit' }],
    ['after another', 'visit', 0.9, { parent: undefined, before: 'news' }],
    ['beneath another', 'visit', 0.5, { parent: 'visit', before: undefined }],
    ['to the end', 'news', 0.9, { parent: undefined, before: undefined }],
    ['between those beneath another', 'hours', 0.9, { parent: 'visit', before: 'winter' }],
  ])('puts it %s', async (_, over, share, to) => {
    const { given, drop } = await dragging('home')
    await drop(over, share)
    expect(given).toHaveLength(1)
    expect(given[0]).toMatchObject({ verb: 'move-page', page: 'home' })
    expect(given[0]).toMatchObject(Object.fromEntries(Object.entries(to).filter(([, v]) => v)))
  })

  it('says while it is over a place why it may not go there', async () => {
    const { moves, find } = await dragging('visit', { news: 'stand at the top only' })
    moves.over(find('news'), 0.5)
    expect(moves.drop.value).toEqual({
      over: 'news',
      where: 'inside',
      whyNot: 'Standard pages stand at the top only',
    })
    moves.over(find('winter'), 0.5)
    expect(moves.drop.value?.whyNot).toBe('A page can’t stand beneath itself')
    moves.over(find('home'), 0.9)
    expect(moves.drop.value?.whyNot).toBe('')
  })

  it('moves nothing where it would stand beneath itself, and says so', async () => {
    const { given, drop } = await dragging('visit')
    await drop('winter', 0.5)
    expect(given).toEqual([])
    expect(notices()).toEqual(['Not there: A page can’t stand beneath itself.'])
  })

  it('asks whether its line in a menu goes along, where that would stand elsewhere', async () => {
    const lines = [{ menu: 'main', name: 'Main', to: 'Visit' }]
    const { given, drop, moves } = await dragging('news', {}, true, lines)
    await drop('home', 0.9)
    expect(moves.along.value).toBeNull()
    expect(given.splice(0)).toHaveLength(1)
    await moves.begin(ROWS[4]!)
    await drop('visit', 0.5)
    expect(given).toEqual([])
    moves.answer(null)
    expect(given).toEqual([])
    await moves.begin(ROWS[4]!)
    await drop('visit', 0.5)
    expect(moves.along.value?.lines).toEqual(lines)
    moves.answer(['main'])
    await flushPromises()
    expect(given).toMatchObject([{ verb: 'move-page', page: 'news', parent: 'visit', menus: ['main'] }])
  })

  it('says first what comes of it, where that is much', async () => {
    const { given, drop, moves } = await dragging('home', {}, true, [], 11)
    await drop('visit', 0.5)
    expect([given, moves.along.value?.coming?.moves]).toEqual([[], 11])
    moves.answer([])
    await flushPromises()
    expect(given).toMatchObject([{ verb: 'move-page', page: 'home', parent: 'visit' }])
  })

  it('asks a manager whether to do it even so', async () => {
    const { given, drop, moves } = await dragging('home', { visit: 'stand at the top only' })
    await drop('visit', 0.5)
    expect(given).toEqual([])
    expect(moves.along.value).toMatchObject({
      page: 'home',
      parent: 'visit',
      why: 'Standard pages stand at the top only',
    })
    moves.answer([])
    await flushPromises()
    expect(given).toEqual([{ verb: 'move-page', page: 'home', parent: 'visit', evenSo: true, menus: [] }])
    expect(moves.along.value).toBeNull()
  })

  it('does not ask an editor', async () => {
    const { given, drop, moves } = await dragging('home', { visit: 'stand at the top only' }, false)
    await drop('visit', 0.5)
    expect([given, moves.along.value]).toEqual([[], null])
    expect(notices()[0]).toContain('Not there')
  })

  it('ends where it began without a step', async () => {
    const { given, drop } = await dragging('home')
    await drop('home', 0.5)
    expect(given).toEqual([])
  })
})

describe('moving a page by keys', () => {
  it('shows it where it would stand, changes nothing before it is put down, and says why not', async () => {
    const { moves, given, find } = await dragging('visit', { home: 'stand at the top only' })
    await moves.lift(find('visit'))
    expect(moves.carry('up')).toBe(true)
    expect(moves.held.value).toMatchObject({ page: 'visit', parent: null, before: 'home' })
    expect(moves.carry('up')).toBe(false)
    moves.carry('down')
    moves.carry('in')
    const rows = new Map(ROWS.map((r) => [r.id, r]))
    const order = ROWS.map((r) => r.id)
    const lines = outline(
      carried(order, rows, moves.held.value).order,
      carried(order, rows, moves.held.value).rows,
      {
        folded: new Set(),
      },
    )
    expect(lines.map((l) => `${l.row.id} ${l.depth}`)).toEqual([
      'home 0',
      'visit 1',
      'hours 2',
      'winter 2',
      'news 0',
    ])
    expect(heldWords(moves.held.value, lines)).toContain(
      '1 of 1 beneath Home. Not there: Standard pages stand at the',
    )
    moves.putBack()
    expect([moves.held.value, given]).toEqual([null, []])
  })

  it('is one step, and none where it began', async () => {
    const { moves, given, find } = await dragging('visit')
    await moves.lift(find('visit'))
    await moves.putDown()
    expect(given).toEqual([])
    await moves.lift(find('visit'))
    moves.carry('down')
    await moves.putDown()
    expect(given).toEqual([{ verb: 'move-page', page: 'visit' }])
  })
})
