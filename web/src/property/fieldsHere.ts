import { computed, inject, provide, type ComputedRef, type InjectionKey } from 'vue'
import type { Property } from '@/api/types'
import { useSite } from '@/site/useSite'

const KEY: InjectionKey<ComputedRef<Property[]>> = Symbol('fields')

/** The fields of some kinds, each key once; of all kinds where none is named. */
export function provideFields(kinds: () => string[]): ComputedRef<Property[]> {
  const site = useSite()
  const fields = computed(() => {
    const of = (site.catalog?.kinds ?? []).filter((k) => !kinds().length || kinds().includes(k.id))
    const known = new Map(of.flatMap((k) => k.fields).map((f) => [f.key, f]))
    return [...known.values()]
  })
  provide(KEY, fields)
  return fields
}

/** These fields, whatever kinds there are. */
export function provideThese(fields: () => Property[]) {
  provide(KEY, computed(fields))
}

/** The fields that can be named around here. */
export function useFieldsHere(): ComputedRef<Property[]> {
  return inject(
    KEY,
    computed(() => []),
  )
}
