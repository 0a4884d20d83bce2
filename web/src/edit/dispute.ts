import { ref } from 'vue'

/** Two versions of one part, of which one is to stand. */
export interface Conflict {
  detail: string
  keepMine: () => void
  takeTheirs: () => void
}

/** Asks which of two is to stand, where somebody else has changed what is being written here. */
export function makeDispute() {
  const conflict = ref<Conflict | null>(null)
  /** How often what others wrote was taken instead: what was written here is not shown any more then. */
  const yielded = ref(0)

  function dispute(detail: string, keepMine: () => void, takeTheirs = () => {}) {
    const settle = (then: () => void) => () => {
      conflict.value = null
      then()
    }
    const yieldTo = () => {
      yielded.value++
      takeTheirs()
    }
    conflict.value = { detail, keepMine: settle(keepMine), takeTheirs: settle(yieldTo) }
  }
  return { conflict, yielded, dispute }
}
