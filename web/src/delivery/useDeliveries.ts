import { computed, shallowRef, watch } from 'vue'
import { get } from '@/api/client'
import type { Arrived, Deliveries } from '@/api/types'
import { useSite } from '@/site/useSite'

/** Where the site's releases go outside this machine, and what of them has arrived there. */
export function useDeliveries() {
  const site = useSite()
  const told = shallowRef<Deliveries | null>(null)
  const arrived = shallowRef<Arrived[]>([])
  let asked = 0
  async function load() {
    const mine = ++asked
    const path = { path: { site: site.id } }
    const [all, there] = await Promise.all([
      get('/api/sites/{site}/deliveries', path),
      get('/api/sites/{site}/deliveries/arrived', { ...path, query: { from: 0 } }),
    ])
    if (mine !== asked) return
    if (all.ok) told.value = all.value
    if (there.ok) arrived.value = there.value
  }
  watch(() => [site.delivered, site.standing?.release], load, { immediate: true })
  const all = computed(() => told.value?.all ?? [])
  /** How many deliveries have a release, or a later one. */
  const have = (release: number) => all.value.filter((d) => d.stands.release >= release).length
  return { told, all, arrived, have, load }
}
