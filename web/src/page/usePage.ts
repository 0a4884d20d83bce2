import type { Ref } from 'vue'
import type { PageDetail } from '@/api/types'
import { useItem } from '@/edit/useItem'
import { sectionsOf } from './sectionsOf'

/** One page, with the revision of each item that is written on it. */
export function usePage(id: Ref<string>) {
  const item = useItem<PageDetail>(
    () => `pages/${id.value}`,
    (page) => [{ item: page.id, revision: page.revision }, ...sectionsOf(page)],
  )
  return { page: item.value, problem: item.problem, load: item.load }
}
