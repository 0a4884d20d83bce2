import { useDebounceFn } from '@vueuse/core'
import { ref, shallowRef, watch, type Ref } from 'vue'
import type { Outcome } from '@/api/client'
import { said } from '@/api/said'
import { useSite } from './useSite'

const SOON_MS = 300

/**
 * A table, or a list, that is looked at while it is written, and taken in when somebody says so.
 *
 * @param given what is sent of it; empty words are not looked at
 * @param look tells what it would do
 * @param take does it, as one step
 */
export function useTableReading<G extends { text: string }, R>(
  given: Readonly<Ref<G>>,
  look: (given: G) => Promise<Outcome<R>>,
  take: (given: G) => Promise<Outcome<unknown>>,
) {
  const site = useSite()
  const read = shallowRef<R | null>(null)
  const trouble = ref('')
  const busy = ref(false)
  const looked = useDebounceFn(async () => {
    const asked = given.value
    if (!asked.text.trim()) return void (read.value = null)
    const answer = await look(asked)
    // More has been written meanwhile, which is looked at next.
    if (asked !== given.value) return
    read.value = answer.ok ? answer.value : null
    trouble.value = answer.ok ? '' : said(answer.problem)
  }, SOON_MS)
  watch(given, looked, { immediate: true })

  /** Gives whether it was taken in. */
  async function taken(): Promise<boolean> {
    if (busy.value) return false
    busy.value = true
    const answer = await take(given.value)
    busy.value = false
    trouble.value = answer.ok ? '' : said(answer.problem)
    if (answer.ok) await site.refresh()
    return answer.ok
  }
  return { read, trouble, busy, taken }
}
