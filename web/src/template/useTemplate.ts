import type { Ref } from 'vue'
import type { TemplateDetail } from '@/api/types'
import { useItem } from '@/edit/useItem'

/** One template, with the revision of each item that is written in it. */
export function useTemplate(id: Ref<string>) {
  const item = useItem<TemplateDetail>(
    () => `templates/${id.value}`,
    (template) => [
      { item: template.id, revision: template.revision },
      ...template.zones.flatMap((zone) => zone.sections),
    ],
  )
  return { template: item.value, problem: item.problem, load: item.load }
}
