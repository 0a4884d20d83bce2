import type { Ref } from 'vue'
import type { KindDetail } from '@/api/types'
import { useItem } from '@/site/useItem'

/** One kind, with its fields and who inherits what. */
export function useKind(id: Ref<string>) {
  const item = useItem<KindDetail>(
    () => id.value && `kinds/${id.value}`,
    (kind) => [{ item: kind.id, revision: kind.revision }],
  )
  return { kind: item.value, problem: item.problem }
}
