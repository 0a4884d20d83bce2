import { computed, ref, watch } from 'vue'
import { get } from '@/api/client'
import type { LetterWording } from '@/api/types'
import { useSite } from '@/site/useSite'

/** What a letter can be made of on the page at hand: the page, or what is new in one of its listings. */
export function useLetterSources(wording: LetterWording) {
  const site = useSite()
  const listings = ref<string[]>([])
  const ofPage = () => void Object.assign(wording, { listing: undefined, since: undefined })

  async function sources() {
    const page = wording.page
    const answer = page
      ? await get('/api/sites/{site}/letters/sources', { path: { site: site.id }, query: { page } })
      : undefined
    if (page !== wording.page) return
    listings.value = answer?.ok ? answer.value.listings : []
    if (wording.listing !== undefined && !listings.value.includes(wording.listing)) ofPage()
    return answer?.ok ? answer.value : undefined
  }
  void sources()
  watch(() => wording.page, sources)

  async function setNewest(on: boolean) {
    if (!on) return ofPage()
    const found = await sources()
    if (found?.listings.length) Object.assign(wording, { listing: found.listings[0], since: found.since })
  }
  const newest = computed({ get: () => wording.listing !== undefined, set: (on) => void setNewest(on) })
  return { listings, newest }
}
