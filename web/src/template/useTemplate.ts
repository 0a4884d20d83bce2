import { computed, type Ref } from 'vue'
import type { TemplateSheet } from '@/api/types'
import { useItem } from '@/site/useItem'

/** One template with the HTML of its proof on some page's content, and the revision of each item that is written in it. */
export function useTemplate(id: Ref<string>, on: Ref<string>) {
  const { value, problem, load } = useItem<TemplateSheet>(
    () => id.value && `templates/${id.value}/sheet?on=${on.value}`,
    ({ template }) => [
      { item: template.id, revision: template.revision },
      ...template.zones.flatMap((zone) => zone.sections),
    ],
  )
  const template = computed(() => value.value?.template ?? null)
  const html = computed(() => value.value?.html ?? '')
  return { template, html, problem, load }
}
