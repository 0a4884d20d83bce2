import { ref } from 'vue'
import { get, type Problem } from '@/api/client'
import { useNotices } from '@/edit/useNotices'

/** How many the server gives at once. */
const PART = 200

/** A list that may be long, the latest first: a part of it, and earlier ones when they are asked for. */
export function useParts<T>(path: () => string) {
  const all = ref<T[]>([])
  const more = ref(false)
  /** Whether the server has answered: an empty list says nothing before. */
  const asked = ref(false)
  const refuse = (problem: Problem) => useNotices().refuse(problem)

  async function part(from: number) {
    const answer = await get<T[]>(`${path()}?from=${from}`)
    if (!answer.ok) return refuse(answer.problem)
    all.value = [...all.value.slice(0, from), ...answer.value] as typeof all.value
    asked.value = true
    more.value = answer.value.length === PART
  }
  return { all, more, asked, load: () => part(0), earlier: () => part(all.value.length) }
}
