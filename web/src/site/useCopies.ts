import { useTimeoutFn } from '@vueuse/core'
import { shallowRef, watch, type Ref } from 'vue'
import { get } from '@/api/client'
import { useSite } from './useSite'

/** Long enough that it is not asked for while somebody types: the server merges every copy there is. */
const SETTLE_MS = 700

/**
 * How the copies of a template's or pattern's sections stand to it; nothing until it is known.
 *
 * @param path of the template or pattern, beneath the site's address
 */
export function useCopies<T>(path: Ref<string>) {
  const site = useSite()
  const copies = shallowRef<T | null>(null)

  async function load() {
    const of = path.value
    const answer = await get<T>(`/sites/${site.id}/${of}/copies`)
    if (of === path.value) copies.value = answer.ok ? answer.value : null
  }

  const { start: soon } = useTimeoutFn(load, SETTLE_MS, { immediate: false })
  watch(
    path,
    () => {
      copies.value = null
      void load()
    },
    { immediate: true },
  )
  watch(
    () => site.step,
    () => soon(),
  )
  return copies
}
