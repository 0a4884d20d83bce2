import { ref } from 'vue'
import { post, type Problem } from '@/api/client'
import type { Coming, Command } from '@/api/types'
import { useSite } from '@/site/useSite'

/** What would come of commands, asked before they are given. */
export function useForeseen() {
  const site = useSite()
  const coming = ref<Coming | null>(null)
  const problem = ref<Problem | null>(null)
  async function foresee(commands: Command[]): Promise<Coming | null> {
    const answer = await post('/api/sites/{site}/foreseen', { path: { site: site.id } }, { commands })
    coming.value = answer.ok ? answer.value : null
    problem.value = answer.ok ? null : answer.problem
    return coming.value
  }
  return { coming, problem, foresee }
}

/** Whether so much comes of it that it is said before. */
export function isTold(coming: Coming | null): boolean {
  return !!coming && (coming.leading.on + coming.leading.gone > 0 || coming.moves > 10)
}
