/** Days as readers of a language write them; what is kept is ISO 8601, without a zone. */
export interface Day {
  year: number
  month: number
  day: number
}

const reader = () => navigator.language || 'en-GB'
const utc = ({ year, month, day }: Day) => {
  const date = new Date(Date.UTC(2000, month - 1, day))
  date.setUTCFullYear(year)
  return date
}
const pad = (n: number, digits = 2) => String(n).padStart(digits, '0')
export const isoOf = (d: Day) => `${pad(d.year, 4)}-${pad(d.month)}-${pad(d.day)}`

/** A day by its numbers, or none where the calendar has no such day. */
export function dayOf(year: number, month: number, day: number): Day | null {
  const date = utc({ year, month, day })
  const holds = date.getUTCMonth() === month - 1 && date.getUTCDate() === day && year > 0 && year < 10_000
  return holds ? { year, month, day } : null
}
export function dayIn(iso: string): Day | null {
  const found = /^(\d{4})-(\d\d)-(\d\d)/.exec(iso)
  return found && dayOf(Number(found[1]), Number(found[2]), Number(found[3]))
}
export function today(): Day {
  const now = new Date()
  return { year: now.getFullYear(), month: now.getMonth() + 1, day: now.getDate() }
}
export function later(d: Day, days: number): Day {
  const date = utc(d)
  date.setUTCDate(date.getUTCDate() + days)
  return { year: date.getUTCFullYear(), month: date.getUTCMonth() + 1, day: date.getUTCDate() }
}
/** The same day of another month, or its last where it is shorter. */
export function monthsLater(d: Day, months: number): Day {
  const first = utc({ ...d, day: 1 })
  first.setUTCMonth(first.getUTCMonth() + months)
  const at = { year: first.getUTCFullYear(), month: first.getUTCMonth() + 1 }
  const last = new Date(Date.UTC(at.year, at.month, 0)).getUTCDate()
  return { ...at, day: Math.min(d.day, last) }
}

const said = (options: Intl.DateTimeFormatOptions, locale: string) =>
  new Intl.DateTimeFormat(`${locale}-u-ca-gregory-nu-latn`, { ...options, timeZone: 'UTC' })
/** A day in words: “Fri, 27 November 2026”. */
export const dayWords = (d: Day, locale = reader()) =>
  said({ weekday: 'short', day: 'numeric', month: 'long', year: 'numeric' }, locale).format(utc(d))
/** The same of what is kept, which stands as it is where it is no day. */
export function keptDayWords(iso: string): string {
  const day = dayIn(iso)
  return day ? dayWords(day) : iso
}
/** A day that is not long ago, in a word or two: “today”, “27 Nov”, and with its year where that is another. */
export function nearDayWords(iso: string, now = today()): string {
  const day = dayIn(iso)
  if (!day) return iso
  if (isoOf(day) === isoOf(now)) return 'today'
  const year = day.year === now.year ? undefined : 'numeric'
  return said({ day: 'numeric', month: 'short', year }, 'en-GB').format(utc(day))
}
export const monthWords = (d: Day, locale = reader()) =>
  said({ month: 'long', year: 'numeric' }, locale).format(utc(d))

/** The weeks of a month, each of seven days, beginning as weeks do where the reader lives. */
export function weeksOf(d: Day, locale = reader()): Day[][] {
  const first = { ...d, day: 1 }
  const begins = firstDayOfWeek(locale)
  const lead = (utc(first).getUTCDay() - begins + 7) % 7
  const start = later(first, -lead)
  const weeks = Array.from({ length: 6 }, (_, w) =>
    Array.from({ length: 7 }, (_, i) => later(start, w * 7 + i)),
  )
  return weeks.filter((week) => week.some((day) => day.month === d.month))
}
export const weekdays = (locale = reader()) =>
  (weeksOf(today(), locale)[0] ?? []).map((d) => ({
    short: said({ weekday: 'narrow' }, locale).format(utc(d)),
    long: said({ weekday: 'long' }, locale).format(utc(d)),
  }))
function firstDayOfWeek(locale: string): number {
  const asked = new Intl.Locale(locale) as Intl.Locale & {
    getWeekInfo?: () => { firstDay: number }
    weekInfo?: { firstDay: number }
  }
  return ((asked.getWeekInfo?.() ?? asked.weekInfo)?.firstDay ?? 1) % 7
}

/** A day read from words: ISO, numbers in the reader’s own order, or a day with its month’s name; the year may be left out. */
export function readDay(words: string, locale = reader()): Day | null {
  const iso = dayIn(words.trim())
  if (iso) return iso
  const numbers = words.match(/\d+/g)?.map(Number) ?? []
  const month = monthNamed(words, locale)
  if (month && numbers[0]) return dayOf(fullYear(numbers[1]), month, numbers[0])
  if (month || numbers.length < 2) return null
  const order = said({ day: 'numeric', month: 'numeric', year: 'numeric' }, locale)
    .formatToParts(0)
    .map((p) => p.type)
    .filter((t) => t === 'day' || t === 'month' || (t === 'year' && numbers.length > 2))
  const given = Object.fromEntries(order.map((type, i) => [type, numbers[i] ?? 0]))
  return dayOf(fullYear(given.year), given.month ?? 0, given.day ?? 0)
}
const fullYear = (year?: number) => (year === undefined ? today().year : year < 100 ? 2000 + year : year)
function monthNamed(words: string, locale: string): number | null {
  const folded = words.toLocaleLowerCase(locale)
  for (const language of [locale, 'en'])
    for (const month of ['long', 'short'] as const)
      for (let m = 1; m <= 12; m++) {
        const name = said({ day: 'numeric', month }, language)
          .formatToParts(utc({ year: 2000, month: m, day: 1 }))
          .find((p) => p.type === 'month')
        const bare = name?.value.toLocaleLowerCase(locale).replace(/\.$/, '') ?? ''
        if (/\p{L}/u.test(bare) && new RegExp(`(^|[^\\p{L}])${bare}($|[^\\p{L}])`, 'u').test(folded)) return m
      }
  return null
}

/** A time of day read from words, as `hh:mm`: “19:30”, “19.30”, “7.30 pm”, “7pm”. */
export function readTime(words: string): string | null {
  const found = /^\s*(\d{1,2})(?:[:.h ]?(\d\d))?\s*([ap])?\.?\s*m?\.?\s*$/i.exec(words)
  if (!found) return null
  const half = found[3]?.toLowerCase()
  const hour = Number(found[1])
  if (half && (hour < 1 || hour > 12)) return null
  const full = half ? (hour % 12) + (half === 'p' ? 12 : 0) : hour
  const minute = Number(found[2] ?? 0)
  return full < 24 && minute < 60 ? `${pad(full)}:${pad(minute)}` : null
}
