import { describe, expect, it } from 'vitest'
import type { Catalog, KindInfo } from '@/api/types'
import { wearGroups } from './wearables'

const template = (id: string, purpose: string, more = {}) => ({
  id,
  name: id,
  note: '',
  purpose,
  retired: false,
  ...more,
})
const CATALOG = {
  purposes: [
    { key: 'begin', title: 'Begin with', note: '' },
    { key: 'tell', title: 'Tell', note: '' },
    { key: 'show', title: 'Show', note: '' },
  ],
  templates: [
    template('poster', 'begin', { note: 'Une affiche d’été' }),
    template('plain', 'tell'),
    template('wide', 'tell'),
    template('old', 'tell', { retired: true }),
    template('not-found', 'tell'),
  ],
} as unknown as Catalog
const kind = (id: string, templates: string[], wearsAny = false) =>
  ({ id, name: id, templates, wearsAny }) as unknown as KindInfo
const ALL = { words: '', purpose: 'all' }
const told = (kinds: KindInfo[], wanted = ALL) =>
  wearGroups(CATALOG, kinds, wanted).map((g) => [
    g.key,
    ...g.list.map((w) => `${w.template.id} ${w.as?.id ?? '–'}`),
  ])

describe('what can be worn', () => {
  it('stands by purpose, as the first kind that may wear it; nothing retired, and not what stands where no page is', () => {
    const kinds = [kind('standard', ['plain']), kind('landing', ['poster', 'plain'])]
    expect(told(kinds)).toEqual([
      ['begin', 'poster landing'],
      ['tell', 'plain standard', 'wide –'],
    ])
    expect(told([kind('any', [], true)])[1]).toEqual(['tell', 'plain any', 'wide any'])
  })

  it('is found by words, whatever their accents, and by purpose', () => {
    expect(told([], { words: 'ete AFFICHE', purpose: 'all' })).toEqual([['begin', 'poster –']])
    expect(told([], { words: 'tell wide', purpose: 'all' })).toEqual([['tell', 'wide –']])
    expect(told([], { words: '', purpose: 'begin' })).toEqual([['begin', 'poster –']])
    expect(told([], { words: 'nowhere', purpose: 'all' })).toEqual([])
  })
})
