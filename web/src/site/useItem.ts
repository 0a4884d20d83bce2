import { promiseTimeout, useThrottleFn, useTimeoutFn } from '@vueuse/core'
import { shallowRef, watch } from 'vue'
import { isPassing, type Problem, type Question } from '@/api/client'
import { withSameParts } from './sameParts'
import { useSite } from './useSite'
import { useEdits } from '@/edit/useEdits'

const SETTLE_MS = 60
const AGAIN_MS = 2000

interface Content {
  item: string
  revision: string
}

/** At once, before anything is drawn: the answer comes the sooner. */
const watchSteps = (then: () => void) => watch(() => useSite().step, then, { flush: 'sync' })
const watchSent = (then: () => void) =>
  watch(
    () => useEdits().waiting,
    (waiting) => waiting || then(),
  )

/** Asks for it; nothing where the answer was overtaken, by a later question or by what was written here. */
function makeAsking<T>(what: () => Question<T> | null, again: () => void, first?: (value: T) => void) {
  const edits = useEdits()
  let shown = ''
  let asked = 0
  return async function ask() {
    const mine = ++asked
    const question = what()
    if (!question) return null
    const from = question.address
    const overtaken = edits.asking()
    const isOld = () => mine !== asked || (shown === from && overtaken() && (again(), true))
    const answer = await question.ask()
    if (isOld()) return null
    if (first && answer.ok && shown === from) {
      first(answer.value)
      // As what is shown with an answer (useEdits): it leaves when the task ends.
      await promiseTimeout(0)
      if (isOld()) return null
    }
    if (answer.ok) shown = from
    return { answer, overtaken }
  }
}

/**
 * An item as the server has it, fetched anew after each step. An answer that was asked for before something was written here is
 * not shown, for what was written would be gone from the screen, and lost if one went on from there: a newer one follows. What
 * could not be asked for is asked for again: no later step may come to bring it.
 *
 * @param what asks for it; nothing for as long as it isn't wanted
 * @param still whether steps are of no interest now, because many are to come
 * @param first what is to be told of a newer answer before the screen is drawn with it
 */
export function useItem<T>(
  what: () => Question<T> | null,
  contents: (value: T) => Content[] = () => [],
  still = () => false,
  first?: (value: T) => void,
) {
  const edits = useEdits()
  const value = shallowRef<T | null>(null)
  const problem = shallowRef<Problem | null>(null)
  const ask = makeAsking(what, again, first)
  let behind = false

  async function load() {
    const asked = await ask()
    if (!asked) return
    const { answer, overtaken } = asked
    behind = false
    problem.value = answer.ok ? null : answer.problem
    if (!answer.ok) return void (isPassing(answer.problem) && later())
    value.value = withSameParts(value.value, answer.value)
    if (overtaken()) again()
    else contents(answer.value).forEach((c) => edits.know(c.item, c.revision))
  }

  const { start: later } = useTimeoutFn(load, AGAIN_MS, { immediate: false })
  const soon = useThrottleFn(load, SETTLE_MS, true, true)
  function again() {
    if (edits.waiting === 0) void soon()
    else behind = true
  }
  watch(() => what()?.address, load, { immediate: true })
  watchSteps(() => still() || void soon())
  watchSent(() => behind && void soon())
  return { value, problem, load }
}
