const SHORTEST = 4

/** The word that most titles have in common, without those that are short: something that is surely found. */
export function commonWord(titles: readonly string[]): string {
  const counts = new Map<string, number>()
  for (const title of titles) {
    const words = new Set(title.toLowerCase().match(/\p{L}+/gu) ?? [])
    for (const word of words) if (word.length >= SHORTEST) counts.set(word, (counts.get(word) ?? 0) + 1)
  }
  return [...counts].reduce((most, one) => (one[1] > most[1] ? one : most), ['', 0])[0]
}
