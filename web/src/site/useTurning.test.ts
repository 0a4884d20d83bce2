import { flushPromises } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { reactive } from 'vue'
import type { SiteStanding } from '@/api/types'
import { moor, row } from '@/test/moor'
import { useTurning } from './useTurning'

const route = reactive({ name: 'media', params: {} })
const pushed: unknown[] = []
vi.mock('vue-router', () => ({
  useRoute: () => route,
  useRouter: () => ({ push: (to: unknown) => void pushed.push(to) }),
}))

function standing(undoAt: string | undefined) {
  const { site } = moor([row('visit', { title: 'Visit' })], () => ({
    step: 2,
    name: 'it',
    items: [],
    revisions: {},
  }))
  site.standing = { undo: 'title of Visit', undoAt } as SiteStanding
  pushed.length = 0
  return useTurning()
}

describe('taking back', () => {
  it.each([
    ['visit', 'on “Visit”', { name: 'page', params: { page: 'visit' } }],
    ['plain', 'in the template Plain', { name: 'template', params: { template: 'plain' } }],
    ['voice', 'in the pattern Voice', { name: 'pattern', params: { pattern: 'voice' } }],
    ['main', 'in the lines of Main', { name: 'plan', params: { page: '' }, query: { menu: 'main' } }],
  ])('what was done to %s says where, and leads there', async (item, where, to) => {
    Object.assign(route, { name: 'media', params: {} })
    const turning = standing(item)
    expect(turning.words('undo')).toBe(`Undo “title of Visit” ${where}`)
    await turning.turn('undo')
    await flushPromises()
    expect(pushed).toEqual([to])
  })

  it.each([
    ['page', { page: 'visit' }, 'visit'],
    ['form', { page: 'visit' }, 'visit'],
    ['plan', {}, 'visit'],
    ['plan', {}, 'main'],
    ['patterns', {}, 'voice'],
  ])('stays where it is seen: on the %s', async (name, params, item) => {
    Object.assign(route, { name, params })
    const turning = standing(item)
    expect(turning.words('undo')).toBe('Undo “title of Visit”')
    await turning.turn('undo')
    expect(pushed).toEqual([])
  })
})
