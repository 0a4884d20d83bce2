// Needs no document.
import { describe, expect, it } from 'vitest'
import { dayIn, dayOf, dayWords, isoOf, later, monthsLater, readDay, readTime, weeksOf } from './dates'

const LOCALES = ['en-GB', 'en-US', 'de', 'fr', 'cs', 'pl', 'sv', 'cy', 'ja', 'ar', 'fi', 'pt-BR']

describe('days', () => {
  it.each(LOCALES)('written in the words of %s are read as the same day', (locale) => {
    for (let i = 0, day = dayOf(2024, 1, 1)!; i < 430; i += 17, day = later(day, 17))
      expect([i, readDay(dayWords(day, locale), locale)]).toEqual([i, day])
  })

  it.each([
    ['en-GB', '3/4/2026', '2026-04-03'],
    ['en-US', '3/4/2026', '2026-03-04'],
    ['de', '3.4.26', '2026-04-03'],
    ['sv', '2026-04-03', '2026-04-03'],
    ['en-GB', 'May 7th 2026', '2026-05-07'],
    ['fr', '1er août 2026', '2026-08-01'],
  ])('in %s “%s” is %s', (locale, words, iso) => {
    expect(readDay(words, locale)).toEqual(dayIn(iso))
  })

  it.each(['', 'soon', '31 February 2026', '2026-13-01', '12', '0/0/2026'])('“%s” is none', (words) => {
    expect(readDay(words, 'en-GB')).toBeNull()
  })

  it('a month later are at most its last', () => {
    expect(isoOf(monthsLater(dayOf(2024, 1, 31)!, 1))).toBe('2024-02-29')
    expect(isoOf(monthsLater(dayOf(2026, 3, 31)!, -4))).toBe('2025-11-30')
  })

  it('of a month lie in whole weeks, each day once, beginning as the reader’s weeks do', () => {
    const weeks = weeksOf(dayOf(2026, 10, 9)!, 'en-US')
    expect(new Set(weeks.map((w) => w.length))).toEqual(new Set([7]))
    const own = weeks.flat().filter((d) => d.month === 10)
    expect(own.map((d) => d.day)).toEqual(Array.from({ length: 31 }, (_, i) => i + 1))
  })
})

describe('times of day', () => {
  it.each([
    ['19:30', '19:30'],
    ['7.30 pm', '19:30'],
    ['7pm', '19:00'],
    ['12 am', '00:00'],
    ['0730', '07:30'],
    ['9', '09:00'],
  ])('“%s” is %s', (words, time) => expect(readTime(words)).toBe(time))

  it.each(['', '25:00', '19:70', '13 pm', 'late'])('“%s” is none', (words) => {
    expect(readTime(words)).toBeNull()
  })
})
