import { describe, expect, it } from 'vitest'
import type { Delivery } from '@/api/types'
import { asked, typed } from './asked'
import { stands } from './deliveryWords'

const main: Delivery = {
  id: 'a1',
  name: 'Main',
  where: 's3://moor/site',
  goes: {
    folder: '',
    bucket: {
      endpoint: 'https://storage.example',
      region: '',
      name: 'moor',
      prefix: 'site',
      pathStyle: true,
      redirects: false,
    },
    layout: 'BY_HASH',
    address: 'https://www.example.org',
    server: '',
    call: { address: 'https://network.example/purge', method: 'PURGE', headers: ['Authorization'] },
  },
  hasKeys: true,
  lags: false,
  stands: { release: 3, objects: 351, bytes: 5_431_308 },
}

describe('a delivery', () => {
  it('is asked for as it was typed; keys that are kept are not typed again', () => {
    const once = asked(typed(main))
    expect(once.goes).toEqual(main.goes)
    expect(once.keyId).toBe('')
    expect(once.headers).toEqual({ Authorization: '' })
    const more = {
      ...typed(main),
      headers: [
        { name: ' X-Key ', value: 's' },
        { name: '', value: 'lost' },
      ],
    }
    expect(asked(more).goes.call.headers).toEqual(['X-Key'])
    expect(asked({ ...more, call: '' }).headers).toEqual({})
    const folder = asked({
      ...typed(),
      name: 'Here',
      kind: 'folder',
      folder: '/srv/www',
      bucket: 'left over',
    })
    expect(folder.goes.bucket.name).toBe('')
    expect(folder.keyId).toBeUndefined()
  })

  it('says what is being done before what is in the way, and that before what it shows', () => {
    expect(stands(main).words).toContain('Shows release 3')
    const trouble = { failures: 2, nextAt: '2026-12-01T12:00:00Z', says: 'It answered 403.', fix: 'Look.' }
    expect(stands({ ...main, stands: { ...main.stands, trouble } })).toEqual({
      tone: 'must',
      words: 'It answered 403.',
    })
    const doing = { words: 'Sends files', done: 12, of: 351, bytes: 1_000_000 }
    expect(stands({ ...main, stands: { ...main.stands, trouble, doing } }).words).toContain('12 of 351')
    const comparing = { words: 'Compares', done: 1200, of: 0, bytes: 0 }
    expect(stands({ ...main, stands: { ...main.stands, doing: comparing } }).words).toBe(
      'Compares · 1,200 so far',
    )
    expect(stands({ ...main, stands: { ...main.stands, release: 0 } }).words).toBe('Nothing is there yet')
  })
})
