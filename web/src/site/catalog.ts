import { computed, shallowRef } from 'vue'
import { get } from '@/api/client'
import type { Catalog } from '@/api/types'

/** What can be chosen from; it is asked for again only when a step has changed it. */
export function makeCatalog(site: () => string) {
  const catalog = shallowRef<Catalog | null>(null)
  const templates = computed(() => new Map((catalog.value?.templates ?? []).map((t) => [t.id, t])))
  const kinds = computed(() => new Map((catalog.value?.kinds ?? []).map((k) => [k.id, k])))
  let known = ''
  let coming = Promise.resolve()

  /**
   * Done when the catalog is here, also for whoever needs it while it is on its way.
   *
   * @param shaped the step that last changed what there is to choose from
   */
  function need(shaped: number) {
    const wanted = `${site()} ${shaped}`
    if (wanted !== known) {
      known = wanted
      coming = ask(wanted)
    }
    return coming
  }
  async function ask(wanted: string) {
    const answer = await get('/api/sites/{site}/catalog', { path: { site: site() } })
    if (wanted !== known) return
    if (answer.ok) catalog.value = answer.value
    else known = ''
  }

  /** Whether whoever works here may change a page of this kind. */
  function mayChange(row?: { kind: string }): boolean {
    return !row || (kinds.value.get(row.kind)?.changeable ?? true)
  }
  return { catalog, templates, kinds, need, mayChange }
}
