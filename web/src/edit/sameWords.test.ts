// Needs no document.
import { expect, it } from 'vitest'
import { sameWords } from './sameWords'

it.each([
  ['<p>Four ways up</p>', 'Four ways up', true],
  ['a  b', 'a b', true],
  ['a&nbsp;b ', ' a b', true],
  ['<p>one</p><p>two</p>', 'one two', true],
  ['one', 'two', false],
  ['', '<p></p>', true],
])('%j reads as %j: %s', (one, other, same) => expect(sameWords(one, other)).toBe(same))
