import { useDebounceFn } from '@vueuse/core'
import { shallowRef, watch } from 'vue'
import { get, type Problem } from '@/api/client'
import { useSite } from '@/site/useSite'
import { useEdits } from './useEdits'

const SETTLE_MS = 60

/**
 * An item as the server has it, fetched anew after each step. An answer that was asked for before something was written here is
 * not shown, for what was written would be gone from the screen, and lost if one went on from there: a newer one follows.
 */
export function useItem<T>(path: () => string, contents: (value: T) => { item: string; revision: string }[]) {
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
    const overtaken = edits.asking()
    const answer = await get<T>(`/sites/${site.id}/${from}`)
    if (mine !== asked) return
    if (shown === from && overtaken()) return again()
    behind = false
    problem.value = answer.ok ? null : answer.problem
    if (!answer.ok) return
    shown = from
    value.value = answer.value
    if (overtaken()) again()
    else contents(answer.value).forEach((c) => edits.know(c.item, c.revision))
  }

  const soon = useDebounceFn(load, SETTLE_MS)
  function again() {
    if (edits.waiting === 0) void soon()
    else behind = true
  }
  watch(path, load, { immediate: true })
  watch(() => site.step, soon)
  watch(
    () => edits.waiting,
    (waiting) => {
      if (behind && waiting === 0) void soon()
    },
  )
  return { value, problem, load }
}
