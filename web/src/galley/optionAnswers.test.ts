// Needs no document.
import { expect, it } from 'vitest'
import type { Property } from '@/api/types'
import { newField } from '@/property/fields'
import { asChoice, whereShown } from './optionAnswers'

const property = (part: Partial<Property>): Property => ({ ...newField('X', '', []), ...part })
const setting = property({ key: 'option', type: 'OPTION' })
const map = property({ key: 'map', label: 'Map', type: 'YES_NO' })
const season = property({
  key: 'season',
  label: 'Season',
  type: 'CHOICE',
  choices: [{ value: 'summer', label: 'Summer' }],
})
const values = (p: Property | null) => p?.choices.map((c) => c.value)

it('offers what the template’s options can be, and always', () => {
  expect(values(asChoice(setting, [map, season, property({ key: 'words' })], {}))).toEqual([
    '',
    'map=yes',
    'map=no',
    'season=summer',
  ])
})

it('leaves other settings as they are, and is not asked where nothing can be chosen', () => {
  const other = property({ key: 'tone', type: 'CHOICE' })
  expect(asChoice(other, [map], {})).toBe(other)
  expect(asChoice(setting, [property({ key: 'words' })], {})).toBeNull()
})

it('keeps what another template’s option said, so that it can be taken back', () => {
  expect(values(asChoice(setting, [], { option: 'gone=yes' }))).toEqual(['', 'gone=yes'])
  expect(whereShown({ option: 'gone=yes' }, [map])).toBe('')
  expect(whereShown({ option: 'season=summer' }, [map, season])).toBe('where Season is Summer')
})
