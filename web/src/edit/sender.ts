import { ref, type Ref } from 'vue'
import { COMMAND_MS, isPassing, post, type Outcome, type Problem } from '@/api/client'
import type { Answer } from '@/api/types'
import type { Waiting } from './waiting'

const FIRST_WAIT_MS = 1000
const LONGEST_WAIT_MS = 8000

/**
 * Sends what waits, one after another. What can't be sent yet, over a lost connection, an expired session or a full disk, is
 * tried again by itself.
 *
 * @param known what the window knows and shows of a site, to be told with the answer what differs
 */
export function makeSender(
  queue: Ref<Waiting[]>,
  known: (site: string) => { since?: number; showing?: string },
  answered: (next: Waiting, answer: Outcome<Answer>) => void,
  expired: () => void,
) {
  const held = ref<Problem | null>(null)
  let running = false
  let wait = FIRST_WAIT_MS

  async function run() {
    if (running) return
    running = true
    while (queue.value[0] && (await send(queue.value[0])));
    running = false
  }

  async function send(next: Waiting): Promise<boolean> {
    const { site, command, item, group, request } = next
    const seen = item && next.seen ? { [item]: next.seen } : {}
    const body = { command, seen, group, request, ...known(site) }
    const answer = await post('/api/sites/{site}/commands', { path: { site } }, body, COMMAND_MS)
    // Somebody else has signed in meanwhile: what is answered now waits for whoever wrote it.
    if (queue.value[0]?.request !== request) return true
    if (!answer.ok && isPassing(answer.problem)) {
      if (answer.problem.status === 401) expired()
      held.value = answer.problem
      setTimeout(() => void run(), wait)
      wait = Math.min(wait * 2, LONGEST_WAIT_MS)
      return false
    }
    held.value = null
    wait = FIRST_WAIT_MS
    queue.value.shift()
    answered(next, answer)
    return true
  }
  return { held, run }
}
