import type { Ref } from 'vue'
import { question } from '@/api/client'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'

/** One form, with what it asks for and is set to. */
export function useForm(id: Ref<string>) {
  const site = useSite()
  const item = useItem(
    () =>
      id.value ? question('/api/sites/{site}/forms/{id}', { path: { site: site.id, id: id.value } }) : null,
    (form) => [{ item: form.id, revision: form.revision }],
  )
  return { form: item.value, problem: item.problem }
}
