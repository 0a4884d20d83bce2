import type { ThemeDetail, Values } from '@/api/types'
import { held } from '@/property/values'

/** The parts in which two looks differ, each with how many of its settings do. */
export function differing(groups: ThemeDetail['groups'], a: Values, b: Values) {
  return groups
    .map((g) => ({
      key: g.key,
      label: g.label,
      settings: g.settings.filter((p) => JSON.stringify(held(p, a)) !== JSON.stringify(held(p, b))).length,
    }))
    .filter((g) => g.settings)
}
