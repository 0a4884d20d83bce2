// Needs no document.
import { describe, expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import type { RollOutCell } from '@/api/types'
import { cellWords } from './cellWords'
import { asks, planned } from './rollOutChoices'

const cell = (state: RollOutCell['state']): RollOutCell => ({
  change: 's',
  key: 'k',
  state,
  mine: [],
  theirs: [],
})

describe('what is done with a cell', () => {
  it.each([
    ['FOLLOWS', undefined, 'FOLLOW'],
    ['MERGES', undefined, 'FOLLOW'],
    ['COMES', 'KEEP', 'KEEP'],
    ['GOES', 'SHELVE', 'SHELVE'],
    ['ASKS', undefined, null],
    ['ASKS', 'KEEP', 'KEEP'],
    ['DONE', 'FOLLOW', null],
    ['LEFT', 'FOLLOW', null],
    ['WITHOUT', undefined, null],
    ['WITHOUT', 'FOLLOW', 'FOLLOW'],
  ] as const)('%s, chosen %s: %s', (state, chosen, does) => {
    expect(planned(cell(state), chosen)).toBe(does)
  })

  it('asks until somebody has chosen', () => {
    expect(asks(cell('ASKS'), undefined)).toBe(true)
    expect(asks(cell('ASKS'), 'FOLLOW')).toBe(false)
    expect(asks(cell('MERGES'), undefined)).toBe(false)
  })

  it('is told by mark and by word', () => {
    const states = ['DONE', 'FOLLOWS', 'MERGES', 'COMES', 'GOES', 'LEFT', 'WITHOUT', 'ASKS'] as const
    const said = states.map((s) => cellWords(cell(s), undefined))
    expect(new Set(said.map((w) => w.mark)).size).toBe(states.length)
    expect(new Set(said.map((w) => w.word)).size).toBe(states.length)
    expect(cellWords(cell('ASKS'), 'KEEP').word).toBe('left as adapted')
    expect(cellWords(cell('DONE'), 'KEEP').word).toBe('in step')
  })
})

describe('a roll-out', () => {
  const rows = Array.from({ length: 1000 }, (_, n) => ({
    page: `p${n}`,
    title: `P${n}`,
    address: `/p${n}`,
    alone: false,
    cells: [cell(n % 4 === 0 ? 'ASKS' : 'FOLLOWS')],
  }))
  const bare = { page: 'bare', title: 'Bare', address: '/bare', alone: false, cells: [cell('WITHOUT')] }
  const given: { pages: Record<string, unknown>; group?: string }[] = []
  const site = {
    id: 'moor',
    step: 0,
    give: (command: { pages: Record<string, unknown> }, _: null, group: string) => {
      given.push({ pages: command.pages, group })
      return Promise.resolve({ ok: given.length < site.refuseAt })
    },
    refuseAt: Infinity,
  }

  async function begun() {
    vi.doMock('@/site/useSite', () => ({ useSite: () => site }))
    vi.doMock('@/api/client', () => ({
      freshId: () => 'group',
      question: () => ({
        address: '/rolled',
        ask: () => Promise.resolve({ ok: true, value: { name: 'T', rows, changes: [], done: 0 } }),
      }),
    }))
    vi.doMock('@/edit/useEdits', () => ({ useEdits: () => ({ asking: () => () => false, waiting: 0 }) }))
    vi.resetModules()
    const { useRollOut } = await import('./useRollOut')
    const roll = effectScope().run(() => useRollOut(ref('t')))!
    await vi.waitFor(() => expect(roll.table.value).not.toBeNull())
    given.length = 0
    site.refuseAt = Infinity
    return roll
  }

  it('goes to the pages with something to do, in parts of one group', async () => {
    const roll = await begun()
    expect(roll.going.value).toHaveLength(750)
    expect(roll.asking.value).toBe(250)
    roll.chooseAll('s', 'FOLLOW')
    roll.take('p1', false)
    expect(roll.going.value).toHaveLength(999)
    await roll.run()
    expect(given.flatMap((g) => Object.keys(g.pages))).toEqual(
      rows.map((r) => r.page).filter((p) => p !== 'p1'),
    )
    expect(given.length).toBeGreaterThan(20)
    expect(new Set(given.map((g) => g.group)).size).toBe(1)
    expect(roll.report.value).toContain('Rolled out to 999')
    expect(roll.choiceOf(rows[0]!, rows[0]!.cells[0]!)).toBeUndefined()
  })

  it('leaves pages that go without alone until that is chosen', async () => {
    const roll = await begun()
    roll.table.value = { name: 'T', changes: [], done: 0, rows: [rows[1]!, bare] }
    roll.chooseAll('s', 'FOLLOW')
    expect(roll.going.value.map((r) => r.page)).toEqual(['p1'])
    expect(roll.without('s')).toBe(1)
    roll.chooseAll('s', 'FOLLOW', true)
    expect(roll.going.value.map((r) => r.page)).toEqual(['p1', 'bare'])
  })

  it('keeps what was chosen when it is stopped or refused on the way', async () => {
    const roll = await begun()
    roll.chooseAll('s', 'KEEP')
    site.refuseAt = 3
    await roll.run()
    expect(given).toHaveLength(3)
    expect(roll.report.value).toMatch(/Stopped after 80 of 1000/)
    expect(roll.choiceOf(rows[999]!, rows[999]!.cells[0]!)).toBe('KEEP')
  })
})
