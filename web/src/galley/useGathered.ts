import { computed, type ComputedRef } from 'vue'
import type { Property, Values } from '@/api/types'
import { provideFields } from '@/property/fieldsHere'
import { offeredWith } from '@/property/offeredWith'
import { groupsOf, textOf } from '@/property/values'
import { useSite } from '@/site/useSite'

/** What an element gathers: the kinds that it names, and what of its settings says something for them. */
export function useGathered(own: () => Values, held: ComputedRef<Values>) {
  const site = useSite()
  const kinds = computed(() =>
    held.value.source === 'chosen'
      ? []
      : [own().kind, ...groupsOf(own().also).map((g) => g.kind)].map(textOf).filter(Boolean),
  )
  const fields = provideFields(() => kinds.value)
  const offered = (properties: Property[], needs: Record<string, Property>) =>
    offeredWith(properties, needs, kinds.value.length ? fields.value : [], own())
  return { offered, kind: computed(() => site.kinds.get(kinds.value[0] ?? '')) }
}
