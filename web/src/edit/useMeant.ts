import { onScopeDispose, shallowRef, watch } from 'vue'
import { useEdits } from './useEdits'

const REFUSED_MS = 4000

/**
 * A list as it is meant to be: what was asked last, until that has been answered and shows. Whoever ticks quickly ticks upon what they
 * see, and not upon an older answer.
 */
export function useMeant<T>(is: () => T, tell: (next: T) => void) {
  const edits = useEdits()
  const now = shallowRef<T>(is())
  let timer: ReturnType<typeof setTimeout> | undefined

  function settle() {
    if (!edits.waiting) now.value = is()
  }
  function set(next: T) {
    now.value = next
    clearTimeout(timer)
    tell(next)
    if (!edits.waiting) later()
  }
  /** What is not to be seen by then was refused. */
  function later() {
    clearTimeout(timer)
    timer = setTimeout(settle, REFUSED_MS)
  }
  watch(is, settle)
  watch(
    () => edits.waiting,
    (left) => left || later(),
  )
  onScopeDispose(() => clearTimeout(timer))
  return { now, set }
}
