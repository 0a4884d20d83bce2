import { freshId } from '@/api/client'
import { plainWords } from '@/words/fold'
import type { Property, PropertyType } from '@/api/types'

/** The types a field can have, in the order in which they are offered. */
export const FIELD_TYPES: { value: PropertyType; title: string }[] = [
  { value: 'WORDS', title: 'One line of words' },
  { value: 'LINES', title: 'Several lines' },
  { value: 'RICH', title: 'Written text' },
  { value: 'NUMBER', title: 'Number' },
  { value: 'DATE', title: 'Day' },
  { value: 'DATE_TIME', title: 'Day and time' },
  { value: 'YES_NO', title: 'Yes or no' },
  { value: 'CHOICE', title: 'Choice' },
  { value: 'PICTURE', title: 'Picture' },
  { value: 'FILE', title: 'File' },
  { value: 'LINK', title: 'Link' },
  { value: 'PAGE', title: 'Page' },
  { value: 'TOPIC', title: 'Topics' },
  { value: 'COLOUR', title: 'Colour' },
]

/** A key as it is kept, made from a label: a small letter first, then letters and digits. */
export function keyFrom(label: string, taken: string[]): string {
  const camel = plainWords(label)
    .map((word, i) =>
      i === 0 ? word.toLowerCase() : (word[0] ?? '').toUpperCase() + word.slice(1).toLowerCase(),
    )
    .join('')
    .replace(/^[^a-z]+/, '')
    .slice(0, 36)
  const base = camel || 'field'
  let key = base
  for (let n = 2; taken.includes(key); n++) key = base + n
  return key
}

export function newField(label: string, group: string, taken: string[]): Property {
  return {
    key: keyFrom(label, taken),
    label,
    type: 'WORDS',
    help: '',
    required: false,
    unit: '',
    choices: [],
    onlyWhen: '',
    entries: [],
    shown: false,
    group,
    searchable: false,
  }
}

/** What is held: the type itself, or the type of which there are several. */
export function typeOf(field: Property): PropertyType {
  return field.type === 'MANY' ? (field.entries[0]?.type ?? 'WORDS') : field.type
}

export function isSeveral(field: Property): boolean {
  return field.type === 'MANY'
}

/** The field with another type; what makes no sense for it is dropped. */
export function withType(field: Property, type: PropertyType, several: boolean): Property {
  const { range, fallback, ...plain } = { ...field, unit: type === 'NUMBER' ? field.unit : '' }
  // Of topics there are always several: what belongs to one alone is a choice.
  const many = several || type === 'TOPIC'
  const same = type === typeOf(field) && many === isSeveral(field)
  const kept = same ? { ...plain, range, fallback } : plain
  if (many) {
    const one = { ...newField(field.label, '', []), key: 'one', type, choices: choicesFor(field, type) }
    return { ...kept, fallback: undefined, type: 'MANY', choices: [], entries: [one] }
  }
  return { ...kept, type, entries: [], choices: choicesFor(field, type) }
}

function choicesFor(field: Property, type: PropertyType): Property['choices'] {
  if (type !== 'CHOICE') return []
  const had = field.choices.length ? field.choices : (field.entries[0]?.choices ?? [])
  return had.length ? had : [{ value: 'first', label: 'First' }]
}

/** Choices as they are written: one on each line. Those that stay keep what they are kept as. */
export function choicesFrom(lines: string, before: Property['choices']): Property['choices'] {
  const taken: string[] = []
  return lines
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean)
    .map((label) => {
      const known = before.find((c) => c.label === label && !taken.includes(c.value))
      const value = known?.value ?? choiceKey(label, [...taken, ...before.map((c) => c.value)])
      taken.push(value)
      return { value, label }
    })
}

function choiceKey(label: string, taken: string[]): string {
  const plain = label
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 50)
  const base = plain || freshId()
  let key = base
  for (let n = 2; taken.includes(key); n++) key = `${base}-${n}`
  return key
}

/** What stands in a form, under a heading. */
export interface Kept {
  key: string
  label: string
  group: string
}

export interface FieldGroup<F = Property> {
  name: string
  fields: F[]
}

/** Fields under their headings, in the order of the form. */
export function grouped<F extends Kept>(fields: F[]): FieldGroup<F>[] {
  const groups: FieldGroup<F>[] = []
  for (const field of fields) {
    const there = groups.find((g) => g.name === field.group)
    if (there) there.fields.push(field)
    else groups.push({ name: field.group, fields: [field] })
  }
  return groups
}

/** The fields in the order that groups and their fields are in. */
export function flattened<F extends Kept>(groups: FieldGroup<F>[]): F[] {
  return groups.flatMap((g) => g.fields.map((f) => ({ ...f, group: g.name })))
}

/** The fields with one moved into a group, before another field there or to its end. */
export function moved<F extends Kept>(fields: F[], key: string, group: string, before: string | null): F[] {
  const field = fields.find((f) => f.key === key)
  if (!field || key === before) return fields
  const rest = fields.filter((f) => f.key !== key)
  const at = before ? rest.findIndex((f) => f.key === before) : endOf(rest, group)
  return flattened(grouped([...rest.slice(0, at), { ...field, group }, ...rest.slice(at)]))
}

function endOf(fields: Kept[], group: string): number {
  const last = fields.findLastIndex((f) => f.group === group)
  return last < 0 ? fields.length : last + 1
}
