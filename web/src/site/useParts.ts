import { ref, type Ref } from 'vue'
import type { Outcome, Problem } from '@/api/client'
import { useNotices } from '@/edit/useNotices'

/** How many the server gives at once, of most lists. */
const PART = 200

/** A list that may be long, the latest first: a part of it, and earlier ones when they are asked for. */
export function useParts<T>(ask: (from: number) => Promise<Outcome<T[]>>, size = PART) {
  const all: Ref<T[]> = ref([])
  const more = ref(false)
  /** Whether the server has answered: an empty list says nothing before. */
  const asked = ref(false)
  const refuse = (problem: Problem) => useNotices().refuse(problem)

  async function part(from: number) {
    const answer = await ask(from)
    if (!answer.ok) return refuse(answer.problem)
    all.value = [...all.value.slice(0, from), ...answer.value]
    asked.value = true
    more.value = answer.value.length === size
  }
  return { all, more, asked, load: () => part(0), earlier: () => part(all.value.length) }
}
