import type { Answer } from '@/api/types'
import type { Waiting } from './waiting'

/** The content of each item that is known here: what a command is given upon. */
export function makeRevisions() {
  const known = new Map<string, string>()
  /** How many answers have come: what was asked before the last of them may be older than it. */
  let answers = 0

  const know = (item: string, revision: string) => void known.set(item, revision)
  const seen = (item: string | null) => (item ? known.get(item) : undefined)

  /** Begins to ask for contents. The answer tells whether a command was given or answered since: then they may be older than it. */
  function asking(waiting: () => number) {
    const before = answers
    return () => waiting() > 0 || before !== answers
  }

  /** What was made is known, and what waits is given upon it. */
  function take(answer: Answer, queue: Waiting[]) {
    answers++
    Object.entries(answer.revisions).forEach(([item, revision]) => know(item, revision))
    queue.forEach((w) => {
      const revision = w.item ? answer.revisions[w.item] : undefined
      if (revision) w.seen = revision
    })
  }
  return { know, seen, take, asking }
}
