import type { Property } from '@/api/types'

const MOST = 2000

/** "from 1 to 50", "at least 1", "at most 50"; a unit may follow. */
function rangeWords(range: Property['range']): string {
  if (range?.min === undefined) return `at most ${range?.max}`
  return range.max === undefined ? `at least ${range.min}` : `from ${range.min} to ${range.max}`
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
  }
  return ''
}
