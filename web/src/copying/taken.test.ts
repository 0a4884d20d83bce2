// Needs no document.
import { describe, expect, it } from 'vitest'
import type { PageDetail, Property } from '@/api/types'
import { taken } from './taken'

const property = (key: string, type: string, more = {}) =>
  ({ key, label: key, type, choices: [], entries: [], ...more }) as unknown as Property
const page = (more: object) =>
  ({ template: 'plain', settings: {}, options: [], zones: [], ...more }) as unknown as PageDetail
const SETTINGS = [
  property('searchTitle', 'WORDS'),
  property('keepOut', 'YES_NO', { fallback: false }),
  property('language', 'CHOICE', { choices: [{ value: 'de', label: 'German' }] }),
]
const says = (here: object, from: object) =>
  Object.fromEntries(taken(page(here), page(from), SETTINGS, (id) => `T ${id}`).map((p) => [p.key, p.says]))

describe('what a page would take of another', () => {
  it('is told part by part, and never what is the one page’s own', () => {
    const from = {
      template: 'wide',
      settings: {
        searchTitle: 'Mine',
        keepOut: true,
        language: 'de',
        'option.map': 'no',
        'theme.bandTone': 'deep',
      },
      options: [property('map', 'CHOICE', { choices: [{ value: 'no', label: 'No map' }] })],
      zones: [{ sections: [{ section: { name: 'Lead' } }, { section: { name: 'When' } }] }],
    }
    expect(says({}, from)).toEqual({
      template: 'T wide',
      options: 'map: No map',
      settings: 'keepOut: yes · language: German',
      theme: '1 setting of the look',
      sections: 'Lead · When',
    })
  })

  it('is nothing where both are alike, and what goes is told as it would be', () => {
    expect(says({}, {})).toEqual({ template: '', options: '', settings: '', theme: '', sections: '' })
    expect(says({ settings: { keepOut: true } }, {}).settings).toBe('keepOut: no')
  })
})
