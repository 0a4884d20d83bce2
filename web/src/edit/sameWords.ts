const plain = (words: string) =>
  words
    .replace(/<[^>]+>/g, ' ')
    .replace(/&nbsp;|&#160;/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()

/** Whether two texts read the same: what is kept is cleaned, and may differ in spaces and marks from what was written. */
export function sameWords(one: string, other: string): boolean {
  return plain(one) === plain(other)
}
