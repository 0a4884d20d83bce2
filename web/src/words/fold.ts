/** Words as they are looked for: without accents and capitals. */
export const fold = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()

/** Letters that don't come apart into a plain one and a mark. */
const LATIN: Record<string, string> = {
  ß: 'ss',
  æ: 'ae',
  œ: 'oe',
  ø: 'o',
  ł: 'l',
  đ: 'd',
  ð: 'd',
  þ: 'th',
}

/** The words of a text in plain letters and digits (ASCII), of which keys and anchors are made; none where it has no such letters. */
export function plainWords(text: string): string[] {
  return text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[ßæœøłđðþ]/gi, (letter) => LATIN[letter.toLowerCase()] ?? '')
    .split(/[^A-Za-z0-9]+/)
    .filter(Boolean)
}
