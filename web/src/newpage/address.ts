import { useDebounceFn } from '@vueuse/core'
import { ref, watch } from 'vue'
import { get } from '@/api/client'
import type { NewAddress } from '@/api/types'
import { useSite } from '@/site/useSite'
import type { Form } from './form'

const TYPING_MS = 150

/** The address that one page of this title would have where it is to stand. */
export function makeAddress(form: Form, title: () => string | undefined) {
  const site = useSite()
  const address = ref<NewAddress | null>(null)
  const ask = useDebounceFn(async () => {
    const named = title()
    if (!named || form.several) return (address.value = null)
    const answer = await get('/api/sites/{site}/addresses', {
      path: { site: site.id },
      query: { title: named, parent: form.parent ?? undefined },
    })
    address.value = answer.ok ? answer.value : null
  }, TYPING_MS)
  watch(() => [form.name, form.parent, form.several], ask)
  return address
}
