import { useDebounceFn } from '@vueuse/core'
import { ref, watch, type Ref } from 'vue'
import { get, type Problem } from '@/api/client'
import type { PageDetail } from '@/api/types'
import { useEdits } from '@/edit/useEdits'
import { useSite } from '@/site/useSite'
import { sectionsOf } from './sectionsOf'

const SETTLE_MS = 60

/** One page as the server has it, fetched anew after each step. */
export function usePage(id: Ref<string>) {
  const site = useSite()
  const edits = useEdits()
  const page = ref<PageDetail | null>(null)
  const problem = ref<Problem | null>(null)

  let asked = 0
  async function load() {
    const wanted = id.value
    const mine = ++asked
    const know = edits.asking()
    const answer = await get<PageDetail>(`/sites/${site.id}/pages/${wanted}`)
    if (wanted !== id.value || mine !== asked) return
    problem.value = answer.ok ? null : answer.problem
    if (!answer.ok) return
    page.value = answer.value
    know([{ item: wanted, revision: answer.value.revision }, ...sectionsOf(answer.value)])
  }

  const soon = useDebounceFn(load, SETTLE_MS)
  watch(id, load, { immediate: true })
  watch(() => site.step, soon)
  return { page, problem, load }
}
