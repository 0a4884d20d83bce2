import type { FieldKindInfo, FormField, Property, Value } from '@/api/types'
import { keyFrom } from '@/property/fields'
import { held, matters, textOf } from '@/property/values'

/** Something new that is asked for: a line of words, until its kind is chosen. */
export const newFormField = (label: string, group: string, taken: string[]): FormField => ({
  key: keyFrom(label, taken),
  label,
  type: 'words',
  group,
  settings: {},
})

/** The field of another kind; what that kind doesn't declare is dropped. */
export function ofKind(field: FormField, kind: FieldKindInfo): FormField {
  const keys = kind.settings.map((p) => p.key)
  const settings = Object.fromEntries(Object.entries(field.settings).filter(([key]) => keys.includes(key)))
  // Two kinds may call different things alike: what doesn't fit the declared type goes, too.
  for (const p of kind.settings) if (!fits(p, settings[p.key])) delete settings[p.key]
  return { ...field, type: kind.key, settings }
}

function fits(property: Property, value: Value | undefined) {
  if (value === undefined) return true
  if (property.type === 'MANY') return Array.isArray(value)
  if (property.type === 'YES_NO') return typeof value === 'boolean'
  if (property.type === 'NUMBER') return typeof value === 'number'
  if (property.type === 'CHOICE') return property.choices.some((c) => c.value === value)
  return typeof value === 'string'
}

/** Its settings that say something now. */
export const settingsOf = (field: FormField, kind: FieldKindInfo | undefined): Property[] =>
  (kind?.settings ?? []).filter((p) =>
    matters(p, Object.fromEntries(kind!.settings.map((s) => [s.key, held(s, field.settings)]))),
  )

/** What is told of a field while it is folded. */
export function told(
  field: FormField,
  kind: FieldKindInfo | undefined,
  labels: (key: string) => string,
): string {
  const when = textOf(field.settings.when)
  const says = textOf(field.settings.says)
  const shown = when ? `only when “${labels(when)}” says ${says ? `“${says}”` : 'something'}` : ''
  const choices = Array.isArray(field.settings.choices)
    ? field.settings.choices.map((c) => textOf(c.words))
    : []
  return [kind?.name ?? 'a kind that is not known', choices.filter(Boolean).join(', '), shown]
    .filter(Boolean)
    .join(' · ')
}
