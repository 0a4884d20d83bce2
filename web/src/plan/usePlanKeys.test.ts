import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { useNotices } from '@/edit/useNotices'
import { useSession } from '@/session/useSession'
import { moor, row } from '@/test/moor'
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
let unmount = () => {}

beforeEach(() => {
  const shown = moor(ROWS)
  given = shown.given
  Object.values(acts).forEach((act) => act.mockReset())
  const chosen = ref<string | null>('visit')
  acts.choose.mockImplementation((id: string) => (chosen.value = id))
  plan = {
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
  unmount = () => wrapper.unmount()
})
afterEach(() => unmount())
async function press(key: string, more: KeyboardEventInit = {}) {
  window.dispatchEvent(new KeyboardEvent('keydown', { key, ...more }))
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

  it('move a page with Alt, and say when it can go no further', async () => {
    await press('ArrowUp', { altKey: true })
    expect(given).toEqual([{ verb: 'move-page', page: 'visit', before: 'home' }])
    plan.chosen.value = 'home'
    await press('ArrowUp', { altKey: true })
    expect(useNotices().list.map((n) => n.says)).toEqual(['It can’t go further that way.'])
  })

  it('change nothing of what only managers change, and say so', async () => {
    plan.chosen.value = 'nights'
    await press('Delete')
    await press('ArrowUp', { altKey: true })
    expect([plan.sheet.value, given]).toEqual([null, []])
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

  it('do nothing while somebody writes, or with Ctrl', async () => {
    const input = document.body.appendChild(document.createElement('input'))
    input.dispatchEvent(new KeyboardEvent('keydown', { key: 'Delete', bubbles: true }))
    await press('n', { ctrlKey: true })
    expect([plan.sheet.value, acts.makeNew.mock.calls]).toEqual([null, []])
    input.remove()
  })
})
