import type { Property } from '@/api/types'

const MOST = 2000

/** "from 1 to 50", "at least 1", "at most 50"; a unit may follow. */
function rangeWords(range: Property['range']): string {
  if (range?.min === undefined) return `at most ${range?.max}`
  return range.max === undefined ? `at least ${range.min}` : `from ${range.min} to ${range.max}`
}

/** The first line that is not as each must be, by its number. */
function wrongLine(rule: NonNullable<Property['line']>, words: string): string {
  const each = new RegExp(`^(?:${rule.pattern})$`)
  const lines = words.split('\n').map((line) => line.trim())
  const wrong = lines.findIndex((line) => line !== '' && !each.test(line))
  return wrong < 0 ? '' : `Line ${wrong + 1}: “${lines[wrong]}” ${rule.wrong} ${rule.fix} It is not kept yet.`
}

/** Why written words don't fit a property, in a sentence; empty where they do. The server holds them to the same. */
export function whyUnfit(property: Property, words: string): string {
  const { type, range, unit } = property
  if (words.trim() === '') return ''
  if (type === 'NUMBER') {
    const number = Number(words)
    if (Number.isNaN(number)) return 'This is not a number; it is not kept yet.'
    if (number < (range?.min ?? -Infinity) || number > (range?.max ?? Infinity))
      return `It is to be ${rangeWords(range)}${unit ? ` ${unit}` : ''}; ${words} is not kept yet.`
  }
  if (type === 'WORDS' || type === 'LINES') {
    const most = range?.max ?? MOST
    if (words.length > most) return `${words.length} characters; ${most} fit. The last ones are not kept yet.`
    if (property.line) return wrongLine(property.line, words)
  }
  return ''
}
