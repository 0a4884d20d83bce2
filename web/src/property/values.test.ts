// Needs no document.
import { describe, expect, it } from 'vitest'
import type { Property } from '@/api/types'
import { allHeld, groupsOf, held, isBound, isToFill, matters, promptOf, textOf } from './values'

function property(more: Partial<Property>): Property {
  return {
    key: 'tone',
    label: 'Tone',
    type: 'CHOICE',
    help: '',
    required: false,
    unit: '',
    choices: [],
    onlyWhen: '',
    entries: [],
    shown: false,
    group: '',
    searchable: false,
    ...more,
  }
}

describe('values', () => {
  it('tells the shapes apart', () => {
    expect(isToFill({ toFill: 'Write here' })).toBe(true)
    expect(isToFill('Write here')).toBe(false)
    expect(isBound({ bound: 'page.summary' })).toBe(true)
    expect(isBound(null)).toBe(false)
    expect(textOf(12)).toBe('12')
    expect(textOf({ toFill: 'x' })).toBe('')
    expect(groupsOf('no list')).toEqual([])
  })

  it('says what an empty place waits for, or where a bound one comes from', () => {
    expect(promptOf({ toFill: 'A question people ask' })).toBe('A question people ask')
    expect(promptOf({ bound: 'site.email' })).toBe('Shows the site’s email')
    expect(promptOf({ bound: 'page.summary' })).toBe('Shows this page’s summary')
    expect(promptOf('given')).toBe('')
  })

  it('holds the given value, else the fallback', () => {
    expect(held(property({ fallback: 'plain' }), {})).toBe('plain')
    expect(held(property({ fallback: 'plain' }), { tone: 'deep' })).toBe('deep')
    expect(held(property({}), {})).toBeUndefined()
  })

  it('matters only when its neighbour says so', () => {
    expect(matters(property({ onlyWhen: 'shape=grid' }), { shape: 'grid' })).toBe(true)
    expect(matters(property({ onlyWhen: 'shape=grid' }), { shape: 'folded' })).toBe(false)
    expect(matters(property({}), {})).toBe(true)
    expect(matters(property({ onlyWhen: 'back=picture|turns' }), { back: 'turns' })).toBe(true)
    expect(matters(property({ onlyWhen: 'back=picture|turns' }), { back: 'tile' })).toBe(false)
    expect(matters(property({ onlyWhen: 'logo' }), { logo: 'mark' })).toBe(true)
    expect(matters(property({ onlyWhen: 'logo' }), {})).toBe(false)
    expect(matters(property({ onlyWhen: 'texture!=none' }), { texture: 'waves' })).toBe(true)
    expect(matters(property({ onlyWhen: 'texture!=none' }), { texture: 'none' })).toBe(false)
    expect(matters(property({ onlyWhen: 'texture!=none' }), {})).toBe(false)
  })

  it('holds nothing where it does not matter, and neither does what hangs on it', () => {
    const by = property({ key: 'by', onlyWhen: 'order=field' })
    const declared = [property({ key: 'order', fallback: 'field', onlyWhen: 'source!=chosen' }), by]
    const source = property({ key: 'source', fallback: 'kind' })
    expect(matters(by, allHeld([source, ...declared], {}))).toBe(true)
    expect(matters(by, allHeld([source, ...declared], { source: 'chosen' }))).toBe(false)
  })
})
