import { useThrottleFn, useTimeoutFn } from '@vueuse/core'
import { shallowRef, watch } from 'vue'
import { get, isPassing, type Problem } from '@/api/client'
import { useSite } from './useSite'
import { useEdits } from '@/edit/useEdits'

const SETTLE_MS = 60
const AGAIN_MS = 2000

interface Content {
  item: string
  revision: string
}

const watchSteps = (then: () => void) => watch(() => useSite().step, then)
const watchSent = (then: () => void) =>
  watch(
    () => useEdits().waiting,
    (waiting) => waiting || then(),
  )

/**
 * An item as the server has it, fetched anew after each step. An answer that was asked for before something was written here is
 * not shown, for what was written would be gone from the screen, and lost if one went on from there: a newer one follows. What
 * could not be asked for is asked for again: no later step may come to bring it.
 *
 * @param path where it is, after the site's; nothing for as long as it isn't wanted
 * @param still whether steps are of no interest now, because many are to come
 */
export function useItem<T>(
  path: () => string,
  contents: (value: T) => Content[] = () => [],
  still = () => false,
) {
  const site = useSite()
  const edits = useEdits()
  const value = shallowRef<T | null>(null)
  const problem = shallowRef<Problem | null>(null)
  let shown = ''
  let behind = false
  let asked = 0

  async function load() {
    const mine = ++asked
    const from = path()
    if (!from) return
    const overtaken = edits.asking()
    const answer = await get<T>(`/sites/${site.id}/${from}`)
    if (mine !== asked) return
    if (shown === from && overtaken()) return again()
    behind = false
    problem.value = answer.ok ? null : answer.problem
    if (!answer.ok) return void (isPassing(answer.problem) && later())
    shown = from
    value.value = answer.value
    if (overtaken()) again()
    else contents(answer.value).forEach((c) => edits.know(c.item, c.revision))
  }

  const { start: later } = useTimeoutFn(load, AGAIN_MS, { immediate: false })
  const soon = useThrottleFn(load, SETTLE_MS, true, true)
  function again() {
    if (edits.waiting === 0) void soon()
    else behind = true
  }
  watch(path, load, { immediate: true })
  watchSteps(() => still() || void soon())
  watchSent(() => behind && void soon())
  return { value, problem, load }
}
