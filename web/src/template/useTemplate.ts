import { useSite } from '@/site/useSite'
import { question } from '@/api/client'
import { computed, type Ref } from 'vue'
import { useItem } from '@/site/useItem'

/** One template with the HTML of its proof on some page's content, and the revision of each item that is written in it. */
export function useTemplate(id: Ref<string>, on: Ref<string>) {
  const site = useSite()
  const { value, problem, load } = useItem(
    () =>
      id.value
        ? question('/api/sites/{site}/templates/{id}/sheet', {
            path: { site: site.id, id: id.value },
            query: { on: on.value || undefined },
          })
        : null,
    ({ template }) => [
      { item: template.id, revision: template.revision },
      ...template.zones.flatMap((zone) => zone.sections),
    ],
  )
  const template = computed(() => value.value?.template ?? null)
  const html = computed(() => value.value?.html ?? '')
  return { template, html, problem, load }
}
