import { dayIn } from './dates'

/** A time of the site's clocks: “Fri 4 Dec, 08:00”, with its year where that is another. */
export function clockWords(wanted: string, now = new Date()): string {
  const day = dayIn(wanted)
  if (!day) return wanted
  const date = new Intl.DateTimeFormat('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    year: day.year === now.getFullYear() ? undefined : 'numeric',
    timeZone: 'UTC',
  }).format(Date.UTC(day.year, day.month - 1, day.day))
  return `${date.replace(',', '')}, ${wanted.slice(11, 16)}`
}
