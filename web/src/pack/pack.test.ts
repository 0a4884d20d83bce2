import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import BringInSheet from './BringInSheet.vue'
import { packHref } from './packHref'
import { becomes, deepIn, ticked } from './packPages'
import PackReport from './PackReport.vue'
import { sortsCounted } from '@/words/sorts'
import { useDroppedPack } from './useDroppedPack'
import type { PackHow, PackLine, PackLooked, PackPage, PackReport as Told } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSession } from '@/session/useSession'
import { answering } from '@/test/answering'
import { mounting, press } from '@/test/moor'

const line = (id: string, sort: string, more = {}) => ({ id, sort, name: id, ...more }) as PackLine
const page = (id: string, more = {}) => ({ id, name: id, standing: 'FRESH', ...more }) as PackPage
const report = (more = {}) => ({
  holds: 'PAGE',
  root: 'Visit',
  name: 'Visit',
  replaced: [],
  fresh: [line('Visit', 'PAGE', { address: '/visit' }), line('Sky', 'MEDIA')],
  same: [line('Plain', 'TEMPLATE')],
  differing: [],
  gone: [],
  clashing: [],
  steps: 2,
  ...more,
})
const looked = (more = {}, rest = {}) =>
  ({
    id: 'p1',
    report: report(more),
    pages: [page('Visit')],
    lacking: [],
    files: 1,
    bytes: 2_500_000,
    ...rest,
  }) as unknown as PackLooked
const usual = (): PackHow => ({ differing: 'MINE', each: {}, how: 'UNDER', wearItsLook: false })
const BASE = '/sites/moor/packs'

/** A file is sent by a request that tells how much has gone. */
function sending(answer: unknown, status = 200) {
  class Sent {
    upload: { onprogress?: (e: object) => void } = {}
    onload = () => {}
    status = status
    responseText = JSON.stringify(answer)
    open() {}
    setRequestHeader() {}
    abort() {}
    send() {
      this.upload.onprogress?.({ loaded: 1, total: 2 })
      setTimeout(() => this.onload())
    }
  }
  vi.stubGlobal('XMLHttpRequest', Sent)
}

describe('what a pack holds', () => {
  it('is counted by sort, pages first', () => {
    const lines = [line('a', 'MEDIA'), line('b', 'PAGE'), line('c', 'ENTRY'), line('d', 'ENTRY')]
    expect(sortsCounted(lines)).toBe('1 page, 2 entries, 1 file')
    expect(sortsCounted([])).toBe('')
  })

  it('is asked for by item, with a kind’s entries where they are wanted', () => {
    expect(packHref('moor', { page: ['a', 'b'] })).toBe('/api/sites/moor/pack?page=a&page=b')
    expect(packHref('moor')).toBe('/api/sites/moor/pack?')
    expect(packHref('moor', { item: 'partners', entries: true })).toBe(
      '/api/sites/moor/pack?item=partners&entries=true',
    )
  })
})

describe('the report', () => {
  function told(more: object, rest = {}) {
    answering({})
    const how = usual()
    const wrapper = mount(PackReport, { props: { looked: looked(more, rest), how }, global: mounting })
    return { wrapper, how }
  }

  it('tells what is new, here, not here and missing', () => {
    const { wrapper } = told({ gone: ['News'] }, { lacking: ['Roof'] })
    expect(wrapper.text()).toContain('1 file')
    expect(wrapper.text()).not.toContain('/visit')
    expect(wrapper.text()).toContain('Links to News become places to fill')
    expect(wrapper.text()).toContain('1 file is missing from the pack')
  })

  it('lets each thing that differs stay, give way or stand beside, and offers no second site or menu', async () => {
    const { wrapper, how } = told({
      differing: [line('Main', 'MENU', { choice: 'MINE' }), line('Article', 'KIND', { choice: 'MINE' })],
    })
    const rows = wrapper.findAll('.differing li')
    expect(rows.map((r) => r.findAll('button').map((b) => b.text()))).toEqual([
      ['Keep ours', 'Take theirs'],
      ['Keep ours', 'Take theirs', 'Both'],
    ])
    await rows[1]!.findAll('button')[2]!.trigger('click')
    expect(how.each).toEqual({ Article: 'BOTH' })
    expect(wrapper.emitted('look')).toHaveLength(1)
    await wrapper.findAll('[aria-label="What becomes of all that differ"] button')[1]!.trigger('click')
    expect(how).toMatchObject({ differing: 'THEIRS', each: {} })
  })
})

describe('the pages of a pack', () => {
  const pages = [
    page('a'),
    page('b', { parent: 'a', standing: 'SAME', here: { id: 'b' } }),
    page('c', { parent: 'b' }),
  ]
  const home = { id: 'welcome', name: 'Welcome', address: '/', home: true, sections: 6 }
  const on = (more: object, told: object) =>
    becomes(pages[0]!, { ...usual(), ...more }, { ...report(told), root: 'a' } as Told).words

  it('are chosen one by one, and are all of it again once all are', () => {
    const all = new Set(['a', 'b', 'c'])
    expect(ticked(pages, all, ['b'], false)).toEqual(['a', 'c'])
    expect(ticked(pages, new Set(['a', 'c']), ['b'], true)).toBe(undefined)
    expect(ticked(pages, all, ['a', 'b', 'c'], false)).toEqual([])
    expect([...deepIn(pages).values()]).toEqual([0, 1, 2])
  })

  it('each say what becomes of them, and of what they take the place of', () => {
    expect(on({ pages: ['b'] }, {})).toBe('Stays in the pack.')
    expect(on({}, { fresh: [line('a', 'PAGE', { address: '/a' })] })).toBe('Comes to /a.')
    expect(on({ how: 'IN_PLACE_OF', at: 'welcome' }, { replaced: [home] })).toBe(
      'This is your home page; its 6 sections go into its history.',
    )
    for (const how of [usual(), { ...usual(), differing: 'BOTH' as const }])
      expect(becomes(pages[1]!, how, report() as unknown as Told).words).toContain('as it is in the pack')
  })
})

describe('bringing a pack in', () => {
  const file = new File(['x'], 'visit.venuepack')

  async function open(answers: Record<string, unknown>, first: unknown = looked(), status = 200) {
    const sent = answering(answers)
    sending(first, status)
    const wrapper = mount(BringInSheet, { props: { given: file, page: 'visit' }, global: mounting })
    await vi.waitFor(() => expect(wrapper.find('.foot .yes, [role=alert]').exists()).toBe(true))
    return { wrapper, sent }
  }

  it('looks again as something else is chosen, reads once, and says that one step undoes it', async () => {
    const { wrapper, sent } = await open({
      [`${BASE}/p1/look`]: looked({ steps: 1 }),
      [`${BASE}/p1/read`]: { step: 9, name: 'take in' },
    })
    expect(wrapper.text()).toContain('1 page with all that it needs · 1 file, 2.5 MB')
    await wrapper.get('input[value=IN_PLACE_OF]').setValue(true)
    await flushPromises()
    expect(sent[0]).toContain('"how":"IN_PLACE_OF"')
    expect(sent[0]).toContain('"at":"visit"')
    await press(wrapper, 'Bring in 1 item')
    expect(sent.filter((s) => s.includes('/read'))).toHaveLength(1)
    expect(useNotices().list.map((n) => n.says)).toContain('“Visit” is in: one step to undo.')
    expect(wrapper.emitted('close')).toHaveLength(1)
  })

  it('stays open with the refusal, and lets go of a pack that is left', async () => {
    const refused = { status: 409, detail: 'No room.', fix: 'Make some.' }
    const { wrapper, sent } = await open({ [`${BASE}/p1/read`]: refused })
    await press(wrapper, 'Bring in 2 items')
    expect(wrapper.get('[role=alert]').text()).toBe('No room. Make some.')
    wrapper.unmount()
    expect(sent).toContain(`DELETE ${BASE}/p1`)
  })

  it('says why a file is no pack, and offers nothing to bring in where all is here', async () => {
    const none = { status: 422, code: 'bad-pack', detail: 'No zip.', fix: 'Save it again.' }
    const bad = await open({}, none, 422)
    expect(bad.wrapper.get('[role=alert]').text()).toBe('No zip. Save it again.')
    const { wrapper } = await open({}, looked({ fresh: [], steps: 0 }))
    expect(wrapper.get('.foot .yes').text()).toBe('Nothing to bring in')
    expect(wrapper.get('.foot .yes').attributes('disabled')).toBeDefined()
  })
})

describe('a file that is dropped onto the plan', () => {
  it('is taken from managers alone', () => {
    answering({})
    const { pack, carries, dropped } = useDroppedPack()
    const drop = {
      dataTransfer: { types: ['Files'], files: [new File([], 'a.venuepack')] },
      preventDefault: vi.fn(),
    }
    useSession().role = 'EDITOR'
    carries(drop as never)
    dropped(drop as never)
    expect(pack.value).toBe(null)
    expect(drop.preventDefault).not.toHaveBeenCalled()
    useSession().role = 'MANAGER'
    dropped(drop as never)
    expect(pack.value?.name).toBe('a.venuepack')
  })
})
