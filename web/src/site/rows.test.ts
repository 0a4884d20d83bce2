// Needs no document.
import { describe, expect, it } from 'vitest'
import { row } from '@/test/moor'
import { makeRows } from './rows'

const whole = (step: number, ...ids: string[]) => ({
  step,
  whole: true,
  rows: ids.map((id) => row(id)),
  order: ids,
})

describe('the rows of the plan', () => {
  it('are taken whole at first, then only what differs', () => {
    const { rows, order, step, take } = makeRows()
    take(whole(3, 'home', 'visit'))
    const before = rows.value.get('home')
    take({ step: 4, whole: false, rows: [row('visit', { title: 'Come' })] })
    expect([step.value, rows.value.get('visit')?.title, order.value]).toEqual([4, 'Come', ['home', 'visit']])
    expect(rows.value.get('home')).toBe(before)
  })

  it('lose what is not in the order any more', () => {
    const { rows, take } = makeRows()
    take(whole(3, 'home', 'visit'))
    take({ step: 4, whole: false, rows: [], order: ['home'] })
    expect([...rows.value.keys()]).toEqual(['home'])
  })

  it('are not made anew by a step that changes none of them', () => {
    const { rows, step, take } = makeRows()
    take(whole(3, 'home'))
    const before = rows.value
    take({ step: 9, whole: false, rows: [] })
    expect(rows.value).toBe(before)
    expect(step.value).toBe(9)
  })

  it('never go back to what was overtaken on the way', () => {
    const { rows, step, take, clear } = makeRows()
    take(whole(5, 'home'))
    take({ step: 4, whole: false, rows: [row('home', { title: 'Older' })] })
    expect([step.value, rows.value.get('home')?.title]).toEqual([5, 'Home'])
    clear()
    expect([step.value, rows.value.size]).toEqual([-1, 0])
  })
})
