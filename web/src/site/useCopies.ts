import { useTimeoutFn } from '@vueuse/core'
import { shallowRef, watch, type Ref } from 'vue'
import type { Question } from '@/api/client'
import { useSite } from './useSite'

/** Long enough that it is not asked for while somebody types: the server merges every copy there is. */
const SETTLE_MS = 700

/**
 * How the copies of a template's or pattern's sections stand to it; nothing until it is known.
 *
 * @param of what asks for them
 */
export function useCopies<T>(of: Ref<Question<T>>) {
  const site = useSite()
  const copies = shallowRef<T | null>(null)

  async function load() {
    const { address, ask } = of.value
    const answer = await ask()
    if (address === of.value.address) copies.value = answer.ok ? answer.value : null
  }

  const { start: soon } = useTimeoutFn(load, SETTLE_MS, { immediate: false })
  watch(
    () => of.value.address,
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
