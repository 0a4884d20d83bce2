import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { useNotices } from '@/edit/useNotices'
import { useSession } from '@/session/useSession'
import { moor, row } from '@/test/moor'
import { letterKeys } from '@/look/keys'
import { outline } from './outline'
import { usePlanKeys } from './usePlanKeys'

const ROWS = [row('home'), row('visit'), row('hours', { parent: 'visit' }), row('nights', { kind: 'night' })]
const acts = {
  choose: vi.fn(),
  open: vi.fn(),
  toggle: vi.fn(),
  nextLens: vi.fn(),
  makeNew: vi.fn(),
  extend: vi.fn(),
  clear: vi.fn(),
}
let given: ReturnType<typeof moor>['given']
let plan: Parameters<typeof usePlanKeys>[0]
const moves = { held: ref(), lift: vi.fn(), carry: vi.fn(() => true), putDown: vi.fn(), putBack: vi.fn() }
let unmount = () => {}

beforeEach(() => {
  const shown = moor(ROWS)
  given = shown.given
  Object.values(acts).forEach((act) => act.mockReset())
  vi.clearAllMocks()
  const chosen = ref<string | null>('visit')
  acts.choose.mockImplementation((id: string) => (chosen.value = id))
  moves.held.value = null
  const tree = document.body.appendChild(document.createElement('div'))
  plan = {
    tree: ref(tree),
    moves,
    lines: ref(outline(shown.site.order, shown.site.rows, { folded: new Set() })),
    chosen,
    folded: ref([]),
    renaming: ref(null),
    sheet: ref(null),
    choose: acts.choose,
    open: acts.open,
    toggle: acts.toggle,
    nextLens: acts.nextLens,
    makeNew: acts.makeNew,
    picks: { extend: acts.extend, clear: acts.clear, many: ref([]) },
  }
  const wrapper = mount({ setup: () => usePlanKeys(plan), render: () => null })
  unmount = () => [wrapper.unmount(), tree.remove()]
})
afterEach(() => unmount())
async function press(key: string, more: KeyboardEventInit = {}) {
  plan.tree.value!.dispatchEvent(new KeyboardEvent('keydown', { key, ...more }))
  await flushPromises()
}

describe('the keys of the Plan', () => {
  it('go about in the outline', async () => {
    for (const key of ['ArrowDown', 'ArrowUp', 'End', 'Home']) await press(key)
    expect(acts.choose.mock.calls.map(([id]) => id as string)).toEqual(['hours', 'visit', 'nights', 'home'])
    await press('ArrowDown', { shiftKey: true })
    expect(acts.extend).toHaveBeenCalledWith('visit')
  })

  it('fold and unfold, and go to the page above', async () => {
    await press('ArrowLeft')
    expect(acts.toggle).toHaveBeenCalledWith('visit')
    plan.chosen.value = 'hours'
    await press('ArrowLeft')
    expect(plan.chosen.value).toBe('visit')
    await press('ArrowRight')
    expect(plan.chosen.value).toBe('hours')
  })

  it('open, rename, look, remove and make', async () => {
    await press('Enter')
    await press('F2')
    await press(' ')
    const looked = plan.sheet.value
    await press('Delete')
    await press('n')
    await press('N', { shiftKey: true })
    await press('l')
    expect([acts.open.mock.calls, plan.renaming.value, looked, plan.sheet.value]).toEqual([
      [['visit']],
      'visit',
      'proof',
      'remove',
    ])
    expect(acts.makeNew.mock.calls).toEqual([['beneath'], ['after']])
    expect(acts.nextLens).toHaveBeenCalledTimes(1)
  })

  it('pick a page up, carry it, put it down or back, and do nothing else meanwhile', async () => {
    await press('m')
    expect(moves.lift.mock.calls.map(([row]) => (row as { id: string }).id)).toEqual(['visit'])
    moves.held.value = { page: 'visit' }
    for (const key of ['ArrowUp', 'ArrowRight', 'n', 'Delete', 'Enter', 'Escape']) await press(key)
    expect(moves.carry.mock.calls).toEqual([['up'], ['in']])
    expect([moves.putDown, moves.putBack].map((act) => act.mock.calls.length)).toEqual([1, 1])
    expect([acts.makeNew.mock.calls, plan.sheet.value]).toEqual([[], null])
    moves.carry.mockReturnValueOnce(false)
    await press('ArrowUp')
    expect(useNotices().list.map((n) => n.says)).toEqual([
      'It is back where it was.',
      'It can’t go further that way.',
    ])
  })

  it('change nothing of what only managers change, and say so', async () => {
    plan.chosen.value = 'nights'
    await press('Delete')
    await press('m')
    expect([plan.sheet.value, given, moves.lift.mock.calls.length]).toEqual([null, [], 0])
    expect(useNotices().list.map((n) => n.says)).toEqual(['Open night pages are changed by managers.'])
    await press('Enter')
    expect(acts.open).toHaveBeenCalledWith('nights')
  })

  it('leave the home page to managers', async () => {
    useSession().role = 'EDITOR'
    await press('h')
    expect(plan.sheet.value).toBeNull()
    useSession().role = 'MANAGER'
    await press('h')
    expect(plan.sheet.value).toBe('home')
  })

  it('do nothing while somebody writes, with Ctrl or Alt, elsewhere, or where letters are none', async () => {
    const input = plan.tree.value!.appendChild(document.createElement('input'))
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'Delete', bubbles: true }))
    await press('Delete', { altKey: true })
    letterKeys.value = false
    await press('n')
    letterKeys.value = true
    input.dispatchEvent(new KeyboardEvent('keydown', { key: 'Delete', bubbles: true }))
    await press('n', { ctrlKey: true })
    expect([plan.sheet.value, acts.makeNew.mock.calls]).toEqual([null, []])
  })
})
