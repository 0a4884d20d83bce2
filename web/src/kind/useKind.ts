import { useSite } from '@/site/useSite'
import { question } from '@/api/client'
import type { Ref } from 'vue'
import { useItem } from '@/site/useItem'

/** One kind, with its fields and who inherits what. */
export function useKind(id: Ref<string>) {
  const site = useSite()
  const item = useItem(
    () =>
      id.value ? question('/api/sites/{site}/kinds/{id}', { path: { site: site.id, id: id.value } }) : null,
    (kind) => [{ item: kind.id, revision: kind.revision }],
  )
  return { kind: item.value, problem: item.problem }
}
