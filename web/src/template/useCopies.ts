import { useTimeoutFn } from '@vueuse/core'
import { shallowRef, watch, type Ref } from 'vue'
import { get } from '@/api/client'
import type { Copies } from '@/api/types'
import { useSite } from '@/site/useSite'

/** Long enough that it is not asked for while somebody types: the server merges every copy there is. */
const SETTLE_MS = 700

/** How the copies of a template's starter sections stand to it; nothing until it is known. */
export function useCopies(id: Ref<string>) {
  const site = useSite()
  const copies = shallowRef<Copies | null>(null)

  async function load() {
    const of = id.value
    const answer = await get<Copies>(`/sites/${site.id}/templates/${of}/copies`)
    if (of === id.value) copies.value = answer.ok ? answer.value : null
  }

  const { start: soon } = useTimeoutFn(load, SETTLE_MS, { immediate: false })
  watch(
    id,
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
