import { useDebounceFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { Command } from '@/api/types'
import { useEdits } from '@/edit/useEdits'
import { makeEvents } from './events'
import { makeFresh } from './fresh'

const SETTLE_MS = 120

/** The site that is worked on: how it stands, its plan and what can be chosen from, kept fresh by answers and the server's events. */
export const useSite = defineStore('site', () => {
  const edits = useEdits()
  const { hear, begin, refresh, ...site } = makeFresh()
  const { id, standing, step } = site
  /** How many files the server is taking in, those of others among them. */
  const takingIn = ref(0)
  /** What a step of one's own changed is told with its answer; what others do is asked for, some steps at a time. */
  let told = -1
  const settle = useDebounceFn(refresh, SETTLE_MS)
  const catchUp = useDebounceFn(() => (told > step.value ? refresh() : undefined), SETTLE_MS)
  const { connected, untold, listen, close, at } = makeEvents({
    step: (number) => {
      told = Math.max(told, number)
      void catchUp()
    },
    here: (who) => standing.value && (standing.value.here = who),
    takingIn: (files) => (takingIn.value = files),
    back: () => void settle(),
    ask: refresh,
  })
  edits.hearer = { since: (of) => (of === id.value ? step.value : undefined), hear }

  async function open(of: string, place: string) {
    if (id.value === of) return
    leave()
    begin(of)
    await refresh()
    listen(of, place)
  }
  function leave() {
    close()
    told = -1
    begin('')
  }
  /** Gives a command for this site. `item` is what it changes, so that a change made meanwhile is noticed. */
  const give = (command: Command, item: string | null = null, group?: string) =>
    edits.give(id.value, command, item, group)

  return { ...site, connected, untold, takingIn, open, close: leave, at, refresh, settle, give }
})
