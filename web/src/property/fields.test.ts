// Needs no document.
import { describe, expect, it } from 'vitest'
import { choicesFrom, flattened, grouped, keyFrom, moved, newField, withType } from './fields'

const three = () => [
  newField('Name', '', []),
  newField('Wing span', 'Size', []),
  newField('Weight', 'Size', []),
]
const keys = (fields: { key: string; group: string }[]) => fields.map((f) => `${f.group}/${f.key}`)

describe('keys', () => {
  it.each([
    ['Wing span', [], 'wingSpan'],
    ['Wing span', ['wingSpan'], 'wingSpan2'],
    ['Größe der Fläche', [], 'grosseDerFlache'],
    ['Öffnungszeiten (täglich)', [], 'offnungszeitenTaglich'],
    ['2nd look', [], 'ndLook'],
    ['🦉', [], 'field'],
    ['x'.repeat(500), [], 'x'.repeat(36)],
  ])('of %s', (label, taken, key) => expect(keyFrom(label, taken)).toBe(key))
})

describe('fields', () => {
  it('stand under their headings, and come back from there as they were', () => {
    expect(grouped(three()).map((g) => g.name)).toEqual(['', 'Size'])
    expect(flattened(grouped(three()))).toEqual(three())
  })

  it('are moved before another, to the end of a group, into a group of their own, and nowhere', () => {
    expect(keys(moved(three(), 'weight', 'Size', 'wingSpan'))).toEqual([
      '/name',
      'Size/weight',
      'Size/wingSpan',
    ])
    expect(keys(moved(three(), 'name', 'Size', null))).toEqual(['Size/wingSpan', 'Size/weight', 'Size/name'])
    expect(keys(moved(three(), 'wingSpan', 'Wings', null))).toEqual([
      '/name',
      'Size/weight',
      'Wings/wingSpan',
    ])
    expect(moved(three(), 'name', '', 'name')).toEqual(three())
  })

  it('drop what makes no sense for another type', () => {
    const number = { ...newField('Span', '', []), type: 'NUMBER' as const, unit: 'cm', fallback: 4 }
    const day = withType(number, 'DATE', false)
    expect([day.unit, day.fallback, day.choices]).toEqual(['', undefined, []])
    const several = withType(day, 'PICTURE', true)
    expect([several.type, several.entries[0]?.type]).toEqual(['MANY', 'PICTURE'])
    expect(withType(several, 'CHOICE', false).choices).toHaveLength(1)
    expect(withType(number, 'NUMBER', false).fallback).toBe(4)
  })

  it('keep what a choice is kept as while its words stay', () => {
    const before = [
      { value: 'a', label: 'Owl' },
      { value: 'owl', label: 'Heron' },
    ]
    expect(choicesFrom('Heron\n\n Owl \nOwl\nGrey owl', before)).toEqual([
      { value: 'owl', label: 'Heron' },
      { value: 'a', label: 'Owl' },
      { value: 'owl-2', label: 'Owl' },
      { value: 'grey-owl', label: 'Grey owl' },
    ])
  })
})
