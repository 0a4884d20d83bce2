import { describe, expect, it } from 'vitest'
import { both, sideBySide, textsOf, valueAt } from './texts'

const page = (text: unknown) => ({
  id: 'visit',
  title: 'Visit',
  settings: { summary: 'Come' },
  zones: { main: [{ id: 's1', columns: [{ id: 'c1', elements: [{ id: 'e1', props: { text } }] }] }] },
})
const refused = (field: string, mine: unknown, theirs: unknown) => ({
  status: 409,
  code: 'changed-meanwhile',
  detail: '',
  fix: '',
  field,
  mine,
  theirs,
})

describe('two texts of one place', () => {
  it('are found by the path that the refusal names, in a part or in the item itself', () => {
    expect(textsOf(refused('s1/e1.props.text', page('Mine'), page('Theirs')))).toEqual({
      mine: 'Mine',
      theirs: 'Theirs',
      joins: true,
    })
    expect(valueAt(page(''), 'settings.summary')).toBe('Come')
    expect(valueAt(page(''), 'title')).toBe('Visit')
  })

  it('are the words of entries, which can only stand for each other', () => {
    const asked = (question: string) =>
      page([{ id: 'q', question, answer: '<p>Yes</p>', link: 'page:visit' }])
    expect(textsOf(refused('s1/e1.props.text', asked('Dogs?'), asked('Cats?')))).toEqual({
      mine: 'Dogs?\nYes',
      theirs: 'Cats?\nYes',
      joins: false,
    })
  })

  it('are none where it is no words, or where a part is gone', () => {
    expect(textsOf(refused('e1.props.text', page({ toFill: 'x' }), page('Theirs')))).toBeNull()
    expect(textsOf(refused('s1/e9', page('Mine'), page('Theirs')))).toBeNull()
    expect(textsOf({ status: 409, code: 'unknown-revision', detail: '', fix: '' })).toBeNull()
  })

  it('stand whole side by side, with what only one has marked', () => {
    const { mine, theirs } = sideBySide({ mine: 'Bring a red lamp', theirs: 'Bring two lamp' })
    expect(mine.map((p) => p.words).join('')).toBe('Bring a red lamp')
    expect(theirs.map((p) => p.words).join('')).toBe('Bring two lamp')
    expect(theirs.filter((p) => p.differs).map((p) => p.words)).toEqual(['two'])
    const rich = sideBySide({ mine: '<p>One</p><p>Two &amp; more</p>', theirs: '<p>One</p>' })
    expect(rich.mine.map((p) => p.words).join('')).toBe('One\nTwo & more')
  })

  it('follow each other as their place writes them', () => {
    expect(both({ mine: 'b', theirs: 'a' })).toBe('a b')
    expect(both({ mine: 'b', theirs: 'a\nc' })).toBe('a\nc\nb')
    expect(both({ mine: '<p>b</p>', theirs: '<p>a</p>' })).toBe('<p>a</p><p>b</p>')
    expect(both({ mine: 'b', theirs: '' })).toBe('b')
  })
})
