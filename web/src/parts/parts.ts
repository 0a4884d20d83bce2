import type { PartUse, Property } from '@/api/types'

/** The heading under which pages, kinds and templates declare them. */
export const PARTS_GROUP = 'Parts of the page'
/** The way of what a page says nothing of. */
export const USUAL = 'usual'

/** The parts of some pages as rows: what may be chosen, what they say alike, and which of them differ. */
export function partRows(declared: Property[], uses: PartUse[], pages: number) {
  return uses.flatMap((use) => {
    const property = declared.find((p) => p.key === use.key)
    if (!property) return []
    const titled = (way: string) => property.choices.find((c) => c.value === way)?.label ?? 'not shown'
    const usual = Object.keys(use.usual)
    const says = usual.length === 1 ? titled(usual[0] ?? '').toLowerCase() : 'each its own'
    const items = property.choices.map((c) => ({
      value: c.value,
      title: c.value === USUAL ? `${c.label}: ${says}` : c.label,
    }))
    return [{ ...use, label: property.label, items, way: alike(use.own, pages) }]
  })
}

/** What all of the pages say; nothing where they don't say the same. */
function alike(own: Record<string, number>, pages: number): string | undefined {
  const [first, ...others] = Object.entries(own)
  if (!first) return USUAL
  return !others.length && first[1] === pages ? first[0] : undefined
}
