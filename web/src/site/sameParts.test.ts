// Needs no document.
import { describe, expect, it } from 'vitest'
import { withSameParts } from './sameParts'

describe('what is new with the same parts', () => {
  const was = { title: 'Home', zones: [{ key: 'main', sections: [{ id: 'a', words: 'one' }, { id: 'b' }] }] }
  const copy = <T>(value: T): T => JSON.parse(JSON.stringify(value))

  it('is the very same where nothing differs', () => {
    expect(withSameParts(was, copy(was))).toBe(was)
  })

  it('keeps what is equal, and has what differs, is more or is gone', () => {
    const is = copy(was) as { title: string; zones: { sections: { id: string; words?: string }[] }[] }
    is.zones[0]!.sections[0]!.words = 'two'
    is.zones[0]!.sections.push({ id: 'c' })
    const now = withSameParts(was, is)
    expect(now).toEqual(is)
    expect(now.zones[0]!.sections[1]).toBe(was.zones[0]!.sections[1])
    const less = copy(was) as Partial<typeof was>
    delete less.title
    expect(withSameParts(was, less)).toEqual(less)
    expect(withSameParts({ a: undefined }, { b: undefined })).toEqual({ b: undefined })
    expect(withSameParts([1], { 0: 1 })).toEqual({ 0: 1 })
    expect(withSameParts(was, null)).toBeNull()
  })
})
