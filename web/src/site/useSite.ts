import { useDebounceFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { ref, watch, type Ref } from 'vue'
import type { Command, SiteNews, SiteStanding } from '@/api/types'
import { useEdits } from '@/edit/useEdits'
import { useShown } from '@/edit/useShown'
import { useSession } from '@/session/useSession'
import { makeEvents } from './events'
import { makeFresh } from './fresh'

const SETTLE_MS = 120

/** What somebody may do is theirs in the site that is open. */
function followRole(role: () => SiteStanding['role'] | undefined) {
  const session = useSession()
  watch(role, (now) => (session.role = now ?? null), { flush: 'sync', immediate: true })
}

/** What is known of the site is told with what is done in it, and what that changed is heard. */
function followSteps(
  { id, step }: { id: Ref<string>; step: Ref<number> },
  hear: (news: SiteNews) => unknown,
) {
  const edits = useEdits()
  const shown = useShown()
  watch([id, step], () => Object.assign(shown, { site: id.value, step: step.value }), { flush: 'sync' })
  watch(
    () => edits.news,
    (news) => news && void hear(news),
    { flush: 'sync' },
  )
}

/** The site that is worked on: how it stands, its plan and what can be chosen from, kept fresh by answers and the server's events. */
export const useSite = defineStore('site', () => {
  const edits = useEdits()
  const { hear, begin, refresh, ...site } = makeFresh()
  const { id, standing, step } = site
  /** How many files the server is taking in, those of others among them. */
  const takingIn = ref(0)
  /** Whether somebody has taken the one who looks away from this site. */
  const taken = ref(false)
  /** What a step of one's own changed is told with its answer; what others do is asked for, some steps at a time. */
  let told = -1
  const settle = useDebounceFn(refresh, SETTLE_MS)
  const catchUp = useDebounceFn(() => (told > step.value ? refresh() : undefined), SETTLE_MS)
  const { listen, close, ...heard } = makeEvents({
    step: (number) => {
      told = Math.max(told, number)
      void catchUp()
    },
    here: (who) => standing.value && (standing.value.here = who),
    takingIn: (files) => (takingIn.value = files),
    back: () => void settle(),
    ask: refresh,
    seat: (here) => (here ? void refresh() : (taken.value = true)),
  })
  followRole(() => standing.value?.role)
  followSteps(site, hear)

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
    taken.value = false
    begin('')
  }
  /** Gives a command for this site. `item` is what it changes, so that a change made meanwhile is noticed. */
  const give = (command: Command, item: string | null = null, group?: string) =>
    edits.give(id.value, command, item, group)

  return { ...site, ...heard, taken, takingIn, open, close: leave, refresh, settle, give }
})
