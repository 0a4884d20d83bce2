import type { Property, Values } from '@/api/types'

/** What can be asked of an option: yes or no, or one of its choices. */
function answersOf(option: Property) {
  if (option.type === 'YES_NO')
    return [
      { value: 'yes', label: 'yes' },
      { value: 'no', label: 'no' },
    ]
  return option.type === 'CHOICE' ? option.choices : []
}

function answers(options: Property[]) {
  return options.flatMap((o) =>
    answersOf(o).map((a) => ({ value: `${o.key}=${a.value}`, label: `${o.label} is ${a.label}` })),
  )
}

/** The setting as a choice among what this template's options can be; none where they can't be asked for and nothing is set. */
export function asChoice(setting: Property, options: Property[], settings: Values): Property | null {
  if (setting.type !== 'OPTION') return setting
  const now = String(settings[setting.key] ?? '')
  const offered = answers(options)
  if (!offered.length && !now) return null
  const known = !now || offered.some((o) => o.value === now)
  const choices = [
    { value: '', label: 'Always' },
    ...offered,
    ...(known ? [] : [{ value: now, label: 'By an option of another template' }]),
  ]
  return { ...setting, type: 'CHOICE', choices, fallback: '' }
}

/** "where Map is yes", for a section that shows by an option; empty where it always does. */
export function whereShown(settings: Values, options: Property[]): string {
  const found = answers(options).find((a) => a.value === settings.option)
  return found ? `where ${found.label}` : ''
}
