import { fold } from './fold'

/** Whether each of the words that are looked for stands in what is said of something, whatever its accents and capitals. */
export const isNamed = (words: string, ...said: string[]) =>
  fold(words)
    .split(/\s+/)
    .every((word) => fold(said.join(' ')).includes(word))
