import { useDebounceFn } from '@vueuse/core'
import { ref, watch, type Ref } from 'vue'
import { get, type Problem } from '@/api/client'
import type { TemplateDetail } from '@/api/types'
import { useEdits } from '@/edit/useEdits'
import { useSite } from '@/site/useSite'

const SETTLE_MS = 60

/** One template as the server has it, fetched anew after each step. */
export function useTemplate(id: Ref<string>) {
  const site = useSite()
  const edits = useEdits()
  const template = ref<TemplateDetail | null>(null)
  const problem = ref<Problem | null>(null)

  let asked = 0
  async function load() {
    const mine = ++asked
    const know = edits.asking()
    const answer = await get<TemplateDetail>(`/sites/${site.id}/templates/${id.value}`)
    if (mine !== asked) return
    problem.value = answer.ok ? null : answer.problem
    if (!answer.ok) return
    template.value = answer.value
    const sections = answer.value.zones.flatMap((z) => z.sections)
    know([{ item: answer.value.id, revision: answer.value.revision }, ...sections])
  }

  const soon = useDebounceFn(load, SETTLE_MS)
  watch(id, load, { immediate: true })
  watch(() => site.step, soon)
  return { template, problem, load }
}
