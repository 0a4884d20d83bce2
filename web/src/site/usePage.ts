import { computed, type Ref } from 'vue'
import type { PageSheet } from '@/api/types'
import { useItem } from './useItem'
import { sectionsOf } from './sectionsOf'

/** One page with the HTML of its proof, and the revision of each item that is written on it. */
export function usePage(id: Ref<string>) {
  const { value, problem, load } = useItem<PageSheet>(
    () => `pages/${id.value}/sheet`,
    ({ page }) => [{ item: page.id, revision: page.revision }, ...sectionsOf(page)],
  )
  const page = computed(() => value.value?.page ?? null)
  const html = computed(() => value.value?.html ?? '')
  return { page, html, problem, load }
}
