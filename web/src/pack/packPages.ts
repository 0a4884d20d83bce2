import type { PackHow, PackPage, PackReport } from '@/api/types'
import { counted } from '@/words/counted'

/** How many pages of the pack stand above each. */
export function deepIn(pages: readonly PackPage[]) {
  const deep = new Map<string, number>()
  // Each stands before those beneath it.
  for (const { id, parent } of pages) deep.set(id, parent ? (deep.get(parent) ?? -1) + 1 : 0)
  return deep
}

/** The pages that come once some are chosen, or no longer; nothing is named where all of the pack comes. */
export function ticked(pages: readonly PackPage[], coming: Set<string>, ids: string[], on: boolean) {
  const next = new Set(coming)
  ids.forEach((id) => (on ? next.add(id) : next.delete(id)))
  return next.size === pages.length ? undefined : pages.map((p) => p.id).filter((id) => next.has(id))
}

/** What is chosen for a page; one that is here as it is comes once more only where that is chosen for itself. */
export const choiceOf = (page: PackPage, how: PackHow) =>
  how.each[page.id] ?? (page.standing === 'SAME' ? 'MINE' : how.differing)

/** What becomes of a page here, in words; it weighs where something of one's own gives way. */
export function becomes(page: PackPage, how: PackHow, report: PackReport) {
  if (how.pages && !how.pages.includes(page.id)) return { words: 'Stays in the pack.', weighs: false }
  if (how.how === 'ONLY_PATTERNS') return { words: 'Its sections come as a pattern.', weighs: false }
  const isPlaced = how.how === 'IN_PLACE_OF' && page.id === report.root
  const over = report.replaced.find((r) => r.id === (isPlaced ? how.at : page.here?.id))
  if (over) return { words: gives(over), weighs: true }
  const first = report.fresh.some((l) => l.id === page.id)
  if (first || choiceOf(page, how) === 'BOTH') {
    const line = [...report.fresh, ...report.differing].find((l) => l.id === page.id)
    return { words: line?.address ? `Comes to ${line.address}.` : 'Comes.', weighs: false }
  }
  return page.standing === 'SAME'
    ? { words: 'Here already, as it is in the pack.', weighs: false }
    : { words: 'Yours stays; the pack’s is left out.', weighs: false }
}

function gives({ home, name, address, sections }: PackReport['replaced'][number]) {
  const what = home ? 'This is your home page' : `This is your page “${name}”, ${address}`
  const goes = sections
    ? `its ${counted(sections, 'section goes', 'sections go')} into its history`
    : 'what it says now goes into its history'
  return `${what}; ${goes}.`
}
