import type { Block } from '@/proof/ProofPlace'

/** Left and width are the same where they differ by no more than this, in pixels. */
const NEAR = 8
const near = (a: number, b: number) => Math.abs(a - b) <= NEAR
const same = (a: Block | undefined, b: Block | undefined) =>
  a && b && a.sort === b.sort && a.words === b.words && near(a.left, b.left) && near(a.width, b.width)

/**
 * How far down each of some drawings of a page the first part stands in which they differ, in pixels; the top of each where they
 * are alike.
 */
export function firstDifference(drawings: Block[][]): number[] {
  const [first = [], ...others] = drawings
  const longest = Math.max(0, ...drawings.map((d) => d.length))
  for (let i = 0; i < longest; i++)
    if (others.some((o) => !same(first[i], o[i]))) return drawings.map((d) => d[i]?.top ?? d.at(-1)?.top ?? 0)
  return drawings.map(() => 0)
}
