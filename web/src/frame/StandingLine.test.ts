import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Me, SiteStanding } from '@/api/types'
import { useEdits } from '@/edit/useEdits'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import StandingLine from './StandingLine.vue'

const STANDING = {
  pages: { LIVE: 45 },
  changes: 0,
  toFill: 7,
  mustFix: 1,
  shouldFix: 2,
  failing: [],
  release: 1,
  here: [],
}

/** The line as it reads while the server answers commands so. */
async function line(status: number, body: object) {
  vi.stubGlobal('fetch', () => Promise.resolve(new Response(JSON.stringify(body), { status })))
  const site = useSite()
  site.standing = STANDING as unknown as SiteStanding
  void useEdits().give('moor', { verb: 'set-title', page: 'visit', title: 'One' }, 'visit')
  await vi.advanceTimersByTimeAsync(10)
  const mounted = mount(StandingLine, {
    global: { stubs: { 'router-link': true, 'v-btn': true }, mocks: { $route: { name: 'plan' } } },
  })
  return mounted.get('[role=status]')
}

beforeEach(() => {
  localStorage.clear()
  vi.useFakeTimers()
  setActivePinia(createPinia())
  useSession().person = { id: 'maja' } as Me
})

describe('the standing line', () => {
  it.each([
    [507, 'disk-full', 'The server’s disk is full · 1 edit waits here'],
    [503, 'not-writable', 'The server can’t write · 1 edit waits here'],
    [503, 'something-before-it', 'Not connected · 1 edit waits here'],
  ])('says why nothing can be kept (%i, %s)', async (status, code, says) => {
    const told = await line(status, { code, detail: 'It is so.', fix: 'Make room.' })
    expect(told.text()).toBe(says)
    expect(told.attributes('title')).toContain('It is so. Make room. What you wrote is kept in this browser')
    expect(told.classes()).toContain('must')
  })

  it('says when all is kept, and when others’ work shows late', async () => {
    const kept = await line(200, { step: 1, name: 'title', items: [], revisions: {} })
    expect(kept.text()).toMatch(/^All changes kept · \d\d:\d\d$/)
    useSite().untold = true
    await vi.advanceTimersByTimeAsync(1)
    expect(kept.text()).toContain('Too many windows open')
  })
})
