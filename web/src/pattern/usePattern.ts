import { useSite } from '@/site/useSite'
import { question } from '@/api/client'
import { computed, type Ref } from 'vue'
import { useItem } from '@/site/useItem'

/** One pattern with the HTML of its proof, as it comes or with samples in its places to fill. */
export function usePattern(id: Ref<string>, sample: Ref<boolean>) {
  const site = useSite()
  const { value, problem } = useItem(
    () =>
      id.value
        ? question('/api/sites/{site}/patterns/{id}/sheet', {
            path: { site: site.id, id: id.value },
            query: { sample: sample.value },
          })
        : null,
    ({ pattern }) => [{ item: pattern.id, revision: pattern.revision }],
  )
  const pattern = computed(() => value.value?.pattern ?? null)
  const html = computed(() => value.value?.html ?? '')
  return { pattern, html, problem }
}
