import type { Block } from '@/proof/ProofPlace'

/** What the parts of a page are, as the proof draws them. */
const PARTS: [sort: RegExp, part: string][] = [
  [/^ASIDE\.notices/, 'notice'],
  [/^HEADER/, 'header'],
  [/^DIV\.band/, 'band'],
  [/^FOOTER/, 'footer'],
  [/^SECTION.*\bopening\b/, 'opening'],
]
const OUTERMOST = /^(ASIDE|HEADER|SECTION|FOOTER|DIV\.(band|page))/
/** How high a header is that lies over what comes next, in pixels. */
const OVER = 84
/** Sections hold cards, lists and facts. */
const ELSE = 'lists'

/** The part of the theme that is drawn at a height of a page. */
export function partAt(blocks: Block[], y: number): string {
  const part = (block?: Block) => PARTS.find(([sort]) => sort.test(block?.sort ?? ''))?.[1]
  const above = blocks.filter((block) => OUTERMOST.test(block.sort) && block.top <= y)
  const header = above.find((block) => part(block) === 'header')
  if (header && y < header.top + OVER) return 'header'
  return part(above.at(-1)) ?? ELSE
}
