import { describe, expect, it } from 'vitest'
import type { KindInfo } from '@/api/types'
import { gatherable, lackedBy, naming } from './gathering'

const field = (key: string, type = 'WORDS', entries: object[] = []) => ({ key, label: key, type, entries })
const kind = (id: string, pages: number, fields: object[], more = {}) =>
  ({ id, name: id, pages, fields, retired: false, topics: false, ...more }) as unknown as KindInfo
const asks = (...needs: string[]) =>
  ({ kind: true, field: false, needs: needs.map((n) => field(n)) }) as never

const KINDS = [
  kind('page', 40, []),
  kind('night', 6, [field('date'), field('person', 'ENTRY')]),
  kind('news', 9, [field('date'), field('topics', 'MANY', [field('topic', 'TOPIC')])]),
  kind('topic', 50, [], { topics: true }),
  kind('old', 90, [field('date')], { retired: true }),
]

describe('what a page gathers', () => {
  it('is proposed by the fields that are needed, then by how many pages there are; nothing retired', () => {
    expect(gatherable(KINDS, asks('date')).map((k) => k.id)).toEqual(['news', 'night', 'page', 'topic'])
    expect(gatherable(KINDS, asks()).map((k) => k.id)).toEqual(['page', 'news', 'night', 'topic'])
    expect(lackedBy(KINDS[1]!, asks('date', 'email')).map((f) => f.key)).toEqual(['email'])
  })

  it('is by the person, unless it is a topic', () => {
    expect(naming(KINDS, false).map((f) => f.key)).toEqual(['person', 'topics'])
    expect(naming(KINDS, true).map((f) => f.key)).toEqual(['topics', 'person'])
  })
})
