import type { TemplateInfo } from '@/api/types'

/** Which side columns a template's frame has. */
export type Frame = 'none' | 'left' | 'right' | 'both'

const WIDE = 30
const SIDE = 5

/** Read from the template's glyph, which is drawn from its zones: a side column is a washed upright at one side. */
export function frameOf({ glyph }: Pick<TemplateInfo, 'glyph'>): Frame {
  const sides = glyph.marks.filter((m) => m.ink === 'WASH' && m.width === SIDE && m.height > SIDE)
  const left = sides.some((m) => m.x < WIDE / 2)
  const right = sides.some((m) => m.x > WIDE / 2)
  if (left && right) return 'both'
  return left ? 'left' : right ? 'right' : 'none'
}

const NAMES: [Frame, string][] = [
  ['none', 'full width'],
  ['left', 'column left'],
  ['right', 'column right'],
  ['both', 'columns both sides'],
]
/** The frames that some of the templates have, to be chosen from. */
export function framesOf(templates: TemplateInfo[]): { value: Frame | 'all'; title: string }[] {
  const there = new Set(templates.map(frameOf))
  const own = NAMES.filter(([value]) => there.has(value)).map(([value, title]) => ({ value, title }))
  return [{ value: 'all', title: 'all' }, ...own]
}
