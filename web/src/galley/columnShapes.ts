/** Columns as they are offered, in twelfths. */
export const COLUMN_SHAPES = [
  { name: 'One column', spans: [12] },
  { name: 'Two equal', spans: [6, 6] },
  { name: 'One to two', spans: [4, 8] },
  { name: 'Two to one', spans: [8, 4] },
  { name: 'Three', spans: [4, 4, 4] },
  { name: 'One, two, one', spans: [3, 6, 3] },
  { name: 'Four', spans: [3, 3, 3, 3] },
  { name: 'Six', spans: [2, 2, 2, 2, 2, 2] },
] as const

/** The spans after the border right of column `border` has moved by some twelfths; each column keeps one at least. */
export function shifted(spans: readonly number[], border: number, by: number): number[] {
  const left = spans[border] ?? 1
  const right = spans[border + 1] ?? 1
  const step = Math.max(1 - left, Math.min(right - 1, by))
  return spans.map((span, i) => (i === border ? span + step : i === border + 1 ? span - step : span))
}
