import type { Catalog, PatternInfo } from '@/api/types'

/** The patterns that can be placed: neither retired nor still without a section. */
export const offered = (catalog: Catalog | null | undefined): PatternInfo[] =>
  (catalog?.patterns ?? []).filter((p) => !p.retired && p.sections > 0)
