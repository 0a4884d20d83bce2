import { describe, expect, it } from 'vitest'
import type { AddressTrail } from '@/api/types'
import { trailWords } from './trailWords'

const trail = (kind: AddressTrail['stops'][number]['kind'], status: number, location = '', title?: string) =>
  trailWords({
    stops: [
      { kind: 'ASKED', address: '/a' },
      { kind, address: '/b', title },
    ],
    status,
    location,
  })

describe('the way of an address, in words', () => {
  it.each([
    [trail('SERVED', 200, '', 'Visit'), 'get “Visit” at once (200)'],
    [trail('SERVED', 301, '/b', 'Visit'), 'led to /b in one step (301), and get “Visit” there'],
    [trail('SERVED', 302, '/b', 'Visit'), 'led to /b for now (302)'],
    [trail('ELSEWHERE', 301, 'https://a.example'), 'led to https://a.example (301)'],
    [trail('HIDDEN', 410, '', 'Visit'), 'gone (410): “Visit” is taken off the site'],
    [trail('GONE', 410), 'what stood there is gone (410)'],
    [trail('NOTHING', 404), '(404): nothing ever stood there'],
  ])('%s', (says, part) => expect(says).toContain(part))
})
