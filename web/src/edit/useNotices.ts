import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { Problem } from '@/api/client'

export interface Notice {
  id: number
  says: string
  fix: string
  refusal: boolean
}

const STAYS_MS = 9000

/** What was refused, said once at the foot of the screen. */
export const useNotices = defineStore('notices', () => {
  const list = ref<Notice[]>([])
  let next = 1

  function say(says: string, fix = '', refusal = true) {
    const id = next++
    list.value = [...list.value.filter((n) => n.says !== says), { id, says, fix, refusal }].slice(-3)
    setTimeout(() => drop(id), STAYS_MS)
  }

  /** Something worth knowing that went well. */
  function tell(says: string, fix = '') {
    say(says, fix, false)
  }

  function refuse(problem: Problem) {
    say(problem.detail, problem.fix)
  }

  function drop(id: number) {
    list.value = list.value.filter((n) => n.id !== id)
  }

  /** What is refused until now holds no longer once something done from here on is taken. */
  function made<T extends { ok: boolean }>(done: Promise<T>): Promise<T> {
    const from = next
    const passes = ({ ok }: T) => ok && (list.value = list.value.filter((n) => !n.refusal || n.id >= from))
    void done.then(passes)
    return done
  }

  /** A new screen begins without what was said on the last one. */
  function clear() {
    list.value = []
  }

  return { list, say, tell, refuse, made, drop, clear }
})
