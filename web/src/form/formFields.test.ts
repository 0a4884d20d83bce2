import { describe, expect, it } from 'vitest'
import type { FieldKindInfo, Property } from '@/api/types'
import { newField } from '@/property/fields'
import { newFormField, ofKind, settingsOf, told } from './formFields'

const property = (key: string, type: Property['type'], more: Partial<Property> = {}): Property => ({
  ...newField(key, '', []),
  key,
  type,
  ...more,
})
const kind = (key: string, ...settings: Property[]): FieldKindInfo => ({
  key,
  name: key,
  asks: true,
  settings,
})
const NUMBER = kind(
  'number',
  property('least', 'NUMBER'),
  property('help', 'WORDS'),
  property('from', 'NUMBER'),
)
const DATE = kind(
  'date',
  property('from', 'DATE'),
  property('help', 'WORDS'),
  property('past', 'YES_NO'),
  property('notice', 'NUMBER', { onlyWhen: 'past=false' }),
)

describe('what a form asks for', () => {
  it('begins with a line of words under a key of its own', () => {
    expect(newFormField('Your name', 'You', ['yourName'])).toEqual({
      key: 'yourName2',
      label: 'Your name',
      type: 'words',
      group: 'You',
      settings: {},
    })
  })

  it('keeps what another kind declares alike, and drops what would not fit there', () => {
    const field = { ...newFormField('When', '', []), settings: { least: 3, help: 'Soon', from: 4 } }
    expect(ofKind(field, DATE)).toEqual({ ...field, type: 'date', settings: { help: 'Soon' } })
  })

  it('shows what can be set of it now, and says what it takes while it is folded', () => {
    const field = { ...newFormField('When', '', []), type: 'date', settings: { past: true } }
    expect(settingsOf(field, DATE).map((p) => p.key)).toEqual(['from', 'help', 'past'])
    expect(settingsOf({ ...field, settings: { past: false } }, DATE).map((p) => p.key)).toContain('notice')
    const asked = {
      ...field,
      settings: { when: 'comes', says: 'Yes', choices: [{ words: 'Tea' }, { words: 'Cake' }] },
    }
    expect(told(asked, NUMBER, () => 'Will you come?')).toBe(
      'number · Tea, Cake · only when “Will you come?” says “Yes”',
    )
    expect(told(field, undefined, () => '')).toBe('a kind that is not known')
  })
})
