import { shallowRef, ref } from 'vue'
import type { Problem } from '@/api/client'
import type { Command } from '@/api/types'
import { both, textsOf, type Texts } from './texts'

/** What may be done about two versions of one part. */
export interface Ways {
  keepMine: () => void
  takeTheirs?: () => void
  /** Where it is words: both texts, and theirs with mine after them. */
  texts?: Texts | null
  keepBoth?: () => void
}

interface Given {
  site: string
  command: Command
  group?: string
}
type Give = (site: string, command: Command, item: null, group?: string) => unknown

/** A refused command may be given again, as it was or with both texts. */
export function waysFor({ site, command, group }: Given, problem: Problem, give: Give): Ways {
  const again = (then: Command) => void give(site, then, null, group)
  const texts = command.verb === 'set-value' ? textsOf(problem) : null
  const joined = command.verb === 'set-value' && texts?.joins ? { ...command, value: both(texts) } : null
  return { keepMine: () => again(command), texts, keepBoth: joined ? () => again(joined) : undefined }
}

/** Two versions of one part, of which one is to stand. */
export interface Conflict {
  detail: string
  texts: Texts | null
  keepMine: () => void
  takeTheirs: () => void
  keepBoth: (() => void) | null
}

/** Asks which of two is to stand, where somebody else has changed what is being written here. */
export function makeDispute() {
  const conflict = shallowRef<Conflict | null>(null)
  /** How often what others wrote was taken instead: what was written here is not shown any more then. */
  const yielded = ref(0)

  function dispute(detail: string, { keepMine, takeTheirs = () => {}, texts = null, keepBoth }: Ways) {
    const settle = (then: () => void) => () => {
      conflict.value = null
      then()
    }
    /** What was written here is not shown any more: what stands now is. */
    const yieldTo = (then: () => void) => () => {
      yielded.value++
      then()
    }
    conflict.value = {
      detail,
      texts,
      keepMine: settle(keepMine),
      takeTheirs: settle(yieldTo(takeTheirs)),
      keepBoth: keepBoth ? settle(yieldTo(keepBoth)) : null,
    }
  }
  return { conflict, yielded, dispute }
}
