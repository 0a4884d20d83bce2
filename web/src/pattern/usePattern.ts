import { computed, type Ref } from 'vue'
import type { PatternSheet } from '@/api/types'
import { useItem } from '@/site/useItem'

/** One pattern with the HTML of its proof, as it comes or with samples in its places to fill. */
export function usePattern(id: Ref<string>, sample: Ref<boolean>) {
  const { value, problem } = useItem<PatternSheet>(
    () => id.value && `patterns/${id.value}/sheet?sample=${sample.value}`,
    ({ pattern }) => [{ item: pattern.id, revision: pattern.revision }],
  )
  const pattern = computed(() => value.value?.pattern ?? null)
  const html = computed(() => value.value?.html ?? '')
  return { pattern, html, problem }
}
