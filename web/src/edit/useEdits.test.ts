import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Command, Me } from '@/api/types'
import { useSession } from '@/session/useSession'
import { useEdits } from './useEdits'
import { useNotices } from './useNotices'

const title = (words: string): Command => ({ verb: 'set-title', page: 'visit', title: words })

interface Sent {
  command: { title: string }
  seen: Record<string, string>
  request: string
}

/** A server that answers as it is told, one answer for each request; then that all is well. */
function server(...answers: (() => Response)[]) {
  const sent: Sent[] = []
  vi.stubGlobal('fetch', (_: string, init: RequestInit) => {
    sent.push(JSON.parse(String(init.body)) as Sent)
    const answer = answers.shift()
    return Promise.resolve(answer ? answer() : kept(`after ${sent.length}`))
  })
  return sent
}
const kept = (revision: string) =>
  new Response(JSON.stringify({ step: 1, name: 'title', items: ['visit'], revisions: { visit: revision } }))
const refused = (status: number, body: object) => () => new Response(JSON.stringify(body), { status })
const gone = () => {
  throw new TypeError('network')
}

const stored = () =>
  Object.keys(localStorage).flatMap((key) => JSON.parse(localStorage.getItem(key) ?? '[]') as unknown[])

beforeEach(() => {
  localStorage.clear()
  vi.useFakeTimers()
  setActivePinia(createPinia())
  useSession().person = { id: 'maja' } as Me
})

describe('edits', () => {
  it('are sent one after another, each upon what the last one made', async () => {
    const sent = server()
    const edits = useEdits()
    edits.know('visit', 'first')
    const one = edits.give('site', title('One'), 'visit')
    const two = edits.give('site', title('Two'), 'visit')
    expect((await one).ok && (await two).ok).toBe(true)
    expect(sent.map((s) => s.seen.visit)).toEqual(['first', 'after 1'])
    expect(edits.waiting).toBe(0)
  })

  it('are one where the same is meant twice, and not where something came between', async () => {
    const sent = server()
    const edits = useEdits()
    const all = ['One', 'One', 'Two', 'One'].map((words) => edits.give('site', title(words), 'visit'))
    expect((await Promise.all(all)).every((answer) => answer.ok)).toBe(true)
    expect(sent.map((s) => s.command.title)).toEqual(['One', 'Two', 'One'])
  })

  it('wait in the browser while the server is gone, and arrive once when it is back', async () => {
    const sent = server(gone, gone)
    const edits = useEdits()
    const done = edits.give('site', title('One'), 'visit')
    await vi.advanceTimersByTimeAsync(10)
    expect(edits.held?.code).toBe('offline')
    expect(stored()).toHaveLength(1)
    await vi.advanceTimersByTimeAsync(10_000)
    expect((await done).ok).toBe(true)
    expect(new Set(sent.map((s) => s.request)).size).toBe(1)
    expect(stored()).toEqual([])
  })

  it('wait while the server can keep nothing, say why, and are kept when it can again', async () => {
    const full = { code: 'disk-full', detail: 'The server’s disk is full.', fix: 'Make room.' }
    const sent = server(refused(507, full), refused(503, { ...full, code: 'not-writable' }))
    const edits = useEdits()
    const one = edits.give('site', title('One'), 'visit')
    await vi.advanceTimersByTimeAsync(10)
    expect(edits.held).toMatchObject({ code: 'disk-full', detail: 'The server’s disk is full.' })
    expect(stored()).toHaveLength(1)
    expect(useNotices().list).toEqual([])
    const two = edits.give('site', title('Two'), 'visit')
    await vi.advanceTimersByTimeAsync(10_000)
    expect((await one).ok && (await two).ok).toBe(true)
    expect(edits.held).toBeNull()
    expect(sent.map((s) => s.command.title)).toEqual(['One', 'One', 'One', 'Two'])
  })

  it('are picked up again after a reload', async () => {
    server(gone)
    void useEdits().give('site', title('Before'), 'visit')
    await vi.advanceTimersByTimeAsync(10)
    setActivePinia(createPinia())
    const sent = server()
    const edits = useEdits()
    await vi.advanceTimersByTimeAsync(5_000)
    expect(sent.map((s) => s.command.title)).toContain('Before')
    expect(edits.waiting).toBe(0)
  })

  it('ask for signing in when the session is over, and lose nothing', async () => {
    server(refused(401, {}))
    const edits = useEdits()
    const done = edits.give('site', title('One'), 'visit')
    await vi.advanceTimersByTimeAsync(10)
    expect(useSession().expired).toBe(true)
    expect(edits.waiting).toBe(1)
    await vi.advanceTimersByTimeAsync(10_000)
    expect((await done).ok).toBe(true)
  })

  it('say what was refused and go on with the next', async () => {
    server(refused(422, { code: 'title-empty', detail: 'A page needs a title.', fix: 'Write one.' }))
    const edits = useEdits()
    const bad = edits.give('site', title(''), 'visit')
    const good = edits.give('site', title('Good'), 'visit')
    expect((await bad).ok).toBe(false)
    expect((await good).ok).toBe(true)
    expect(useNotices().list[0]).toMatchObject({ says: 'A page needs a title.', fix: 'Write one.' })
  })

  it('offer both when somebody changed the same part', async () => {
    const sent = server(refused(409, { code: 'changed-meanwhile', detail: 'Somebody changed it.', fix: '' }))
    const edits = useEdits()
    edits.know('visit', 'old')
    await edits.give('site', title('Mine'), 'visit')
    expect(edits.conflict?.detail).toBe('Somebody changed it.')
    edits.conflict?.keepMine()
    await vi.advanceTimersByTimeAsync(10)
    expect(sent[1]?.command.title).toBe('Mine')
    expect(sent[1]?.seen).toEqual({})
    expect(edits.conflict).toBeNull()
  })

  it('offer both texts after each other, where it is words', async () => {
    const item = (title: string) => ({ id: 'visit', title, settings: { summary: title } })
    const sent = server(
      refused(409, {
        code: 'changed-meanwhile',
        detail: 'Somebody changed it.',
        fix: '',
        field: 'settings.summary',
        mine: item('Mine'),
        theirs: item('Theirs'),
      }),
    )
    const edits = useEdits()
    await edits.give(
      'site',
      { verb: 'set-value', item: 'visit', key: 'summary', value: 'Mine' as never },
      'visit',
    )
    expect(edits.conflict?.texts).toMatchObject({ mine: 'Mine', theirs: 'Theirs' })
    edits.conflict?.keepBoth?.()
    await vi.advanceTimersByTimeAsync(10)
    expect(sent[1]?.command).toMatchObject({ verb: 'set-value', value: 'Theirs Mine' })
  })

  it('know what was asked for before one of them, and may be older', async () => {
    server()
    const edits = useEdits()
    const before = edits.asking()
    expect(before()).toBe(false)
    const done = edits.give('moor', title('One'), 'visit')
    const meanwhile = edits.asking()
    expect(before()).toBe(true)
    await done
    expect([before(), meanwhile(), edits.asking()()]).toEqual([true, true, false])
  })

  it('are kept before the last step is taken back', async () => {
    const sent: string[] = []
    vi.stubGlobal('fetch', (path: string) => {
      sent.push(path.split('/').at(-1) ?? '')
      return new Promise((resolve) => setTimeout(() => resolve(kept('r')), 50))
    })
    const edits = useEdits()
    void edits.give('moor', title('One'), 'visit')
    void edits.give('moor', title('Two'), 'visit')
    const undone = edits.turn('moor', 'undo')
    await vi.advanceTimersByTimeAsync(500)
    await undone
    expect(sent).toEqual(['commands', 'commands', 'undo'])
  })

  it('belong to whoever wrote them: somebody else who signs in here neither sees nor sends them', async () => {
    const sent = server(gone)
    const session = useSession()
    const edits = useEdits()
    void edits.give('site', title('Mine'), 'visit')
    await vi.advanceTimersByTimeAsync(10)
    session.person = { id: 'tomas' } as Me
    expect(edits.waiting).toBe(0)
    await edits.give('site', title('His'), 'visit')
    await vi.advanceTimersByTimeAsync(20_000)
    expect(sent.map((s) => s.command.title)).toEqual(['Mine', 'His'])
    expect(stored()).toHaveLength(1)
    session.person = { id: 'maja' } as Me
    await vi.advanceTimersByTimeAsync(10_000)
    expect(sent.map((s) => s.command.title)).toEqual(['Mine', 'His', 'Mine'])
    expect(stored()).toEqual([])
  })

  it('are tried again, and say so, where the server does not answer', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new DOMException('late', 'TimeoutError')))
    const edits = useEdits()
    void edits.give('site', title('One'), 'visit')
    await vi.advanceTimersByTimeAsync(10)
    expect(edits.held?.code).toBe('no-answer')
    expect(edits.waiting).toBe(1)
  })
})
