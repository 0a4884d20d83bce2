import type { MediaInfo } from '@/api/types'

/** What a font says of itself, in a line: its family, its weights, what its makers say of its use. */
export function fontWords(font: NonNullable<MediaInfo['font']>): string {
  const weights =
    font.lightest === font.heaviest
      ? `weight ${font.lightest}`
      : `weights ${font.lightest} to ${font.heaviest}`
  return [
    font.family + (font.italic ? ' italic' : ''),
    weights,
    font.licence || 'says nothing of its licence',
  ]
    .filter(Boolean)
    .join(' · ')
}
