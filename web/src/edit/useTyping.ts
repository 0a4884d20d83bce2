import { useEventListener, useThrottleFn } from '@vueuse/core'
import { onBeforeUnmount, ref, watch } from 'vue'
import { sameWords } from './sameWords'

const BETWEEN_MS = 250

/** Tells the first of many at once and those that follow together; the last one at the latest when the window is left or reloaded. */
export function useTelling<A extends unknown[]>(tell: (...last: A) => void) {
  let untold: A | null = null
  function now() {
    const last = untold
    untold = null
    if (last) tell(...last)
  }
  const together = useThrottleFn(now, BETWEEN_MS, true, true)
  useEventListener(window, 'pagehide', now)
  onBeforeUnmount(now)
  function soon(...last: A) {
    untold = last
    void together()
  }
  return { soon, now }
}

/**
 * Words that are told while they are written. While somebody writes here, only what somebody else has written meanwhile is taken
 * over, and never over what is untold. What does not fit (`tell` answers false) stays as it is written.
 */
export function useTyping(kept: () => string, tell: (words: string) => boolean | void) {
  const typed = ref(kept())
  const writing = ref(false)
  let told = typed.value
  let unfit = false
  const { soon } = useTelling(flush)
  function flush() {
    // A number input gives numbers.
    const words = (typed.value = String(typed.value))
    if (words === told) return
    unfit = tell(words) === false
    if (!unfit) told = words
  }
  watch(kept, (words) => {
    const others = typed.value === told && !sameWords(words, told)
    if ((!writing.value || others) && !unfit) typed.value = told = words
  })
  function write(words: string) {
    typed.value = words
    soon()
  }
  function left() {
    writing.value = false
    flush()
  }
  return { typed, writing, write, left }
}
