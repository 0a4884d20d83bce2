import { afterEach, describe, expect, it, vi } from 'vitest'
import { addressOf, freshId, get, post } from './client'

function answers(status: number, body: unknown) {
  const text = body === undefined ? '' : typeof body === 'string' ? body : JSON.stringify(body)
  const fetched = vi.fn().mockResolvedValue(new Response(text || null, { status }))
  vi.stubGlobal('fetch', fetched)
  return fetched
}

afterEach(() => vi.unstubAllGlobals())

describe('the API', () => {
  it('gives what was answered, and nothing for an empty answer', async () => {
    answers(200, { step: 3 })
    expect(await get('/api/sites')).toEqual({ ok: true, value: { step: 3 } })
    answers(204, undefined)
    expect(await get('/api/me')).toEqual({ ok: true, value: null })
  })

  it('passes a refusal on with its code and its way out', async () => {
    answers(422, { code: 'title-empty', detail: 'A page needs a title.', fix: 'Write one.', status: 422 })
    expect(await post('/api/sign-out', {})).toMatchObject({
      ok: false,
      problem: { status: 422, code: 'title-empty', fix: 'Write one.' },
    })
  })

  it.each([
    [401, { code: 'signed-out' }],
    [403, { code: 'no-token' }],
    [401, ''],
  ])('takes %i for an expired session', async (status, body) => {
    answers(status, body)
    expect(await get('/api/my')).toMatchObject({ ok: false, problem: { status: 401, code: 'signed-out' } })
  })

  it('leaves a refusal by role as it is', async () => {
    answers(403, { code: 'managers-only', detail: 'No.', fix: 'Ask.' })
    expect(await post('/api/sign-out', {})).toMatchObject({
      ok: false,
      problem: { status: 403, code: 'managers-only' },
    })
  })

  it('says so when the server is gone or talks nonsense', async () => {
    vi.stubGlobal('fetch', vi.fn().mockRejectedValue(new TypeError('network')))
    expect(await get('/api/my')).toMatchObject({ ok: false, problem: { status: 0 } })
    answers(502, '<html>Bad gateway</html>')
    expect(await get('/api/my')).toMatchObject({ ok: false, problem: { status: 502, code: 'failed' } })
  })

  it('sends the token that the cookie holds with every write', async () => {
    document.cookie = 'XSRF-TOKEN-one=abc-1'
    document.cookie = 'XSRF-TOKEN-other=of-another-server'
    vi.stubGlobal('fetch', () =>
      Promise.resolve(new Response('{}', { headers: { 'Venue-Installation': 'one' } })),
    )
    await get('/api/me')
    const fetched = answers(200, {})
    await post('/api/my/name', {}, { name: 'a' })
    const init = fetched.mock.calls[0]?.[1] as RequestInit
    expect(init.headers).toMatchObject({ 'X-XSRF-TOKEN': 'abc-1' })
    expect(init.body).toBe('{"name":"a"}')
  })

  it('writes what is asked into the address, whatever it holds', async () => {
    const fetched = answers(200, [])
    await get('/api/sites/{site}/addresses', {
      path: { site: 'moor' },
      query: { title: 'Sky & dome', parent: undefined },
    })
    expect(fetched.mock.calls[0]?.[0]).toBe('/api/sites/moor/addresses?title=Sky%20%26%20dome')
    expect(addressOf('/api/sites/{site}/pages/{id}', { path: { site: 'a/b', id: 'ü' } })).toBe(
      '/api/sites/a%2Fb/pages/%C3%BC',
    )
  })

  it('makes ids that the server takes', () => {
    const ids = Array.from({ length: 200 }, freshId)
    expect(new Set(ids).size).toBe(200)
    for (const id of ids) expect(id).toMatch(/^[a-z0-9-]{1,40}$/)
  })
})
