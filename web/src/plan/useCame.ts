import { shallowRef, watch, type Ref } from 'vue'
import { get } from '@/api/client'
import type { PageCame } from '@/api/types'
import { useSite } from '@/site/useSite'
import { ASKING, type LensKey } from './lenses'

/** How pages came to be as they are, asked for only while a lens shows it. */
export function useCame(lens: Ref<LensKey>) {
  const site = useSite()
  const came = shallowRef<ReadonlyMap<string, PageCame>>(new Map())
  watch(
    [lens, () => site.step],
    async () => {
      if (!ASKING.includes(lens.value)) return
      const step = site.step
      const answer = await get('/api/sites/{site}/plan/came', { path: { site: site.id } })
      if (answer.ok && step === site.step) came.value = new Map(answer.value.map((c) => [c.page, c]))
    },
    { immediate: true },
  )
  return came
}
