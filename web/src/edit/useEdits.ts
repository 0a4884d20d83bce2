import { promiseTimeout } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { post, type Outcome } from '@/api/client'
import type { Answer, Command, SiteNews } from '@/api/types'
import { useSession } from '@/session/useSession'
import { makeDispute, waysFor } from './dispute'
import { makeRevisions } from './revisions'
import { makeSender } from './sender'
import { aloud } from './aloud'
import { useNotices } from './useNotices'
import { useShown } from './useShown'
import { makeQueue, type Waiting } from './waiting'

/** A page as it is after a step. */
interface Proof {
  page: string
  html: string
  /** Whether it was words that changed, which their own place shows already. */
  written: boolean
}

/** What the last step made of the page that is shown, and of the site. */
function makeTold() {
  const proof = shallowRef<Proof | null>(null)
  const news = shallowRef<SiteNews | null>(null)
  async function tell(answer: Answer, written: boolean) {
    if (answer.proof) {
      proof.value = { ...answer.proof, written }
      // What is told to a frame leaves when the task ends: it is drawn there while the screen is drawn here.
      await promiseTimeout(0)
    }
    if (answer.news) news.value = answer.news
  }
  return { proof, news, tell }
}

/** Refusals of what was written upon something else than what is there now. */
const DISPUTED = ['changed-meanwhile', 'unknown-revision']

/** When a list has become empty. */
function emptied(length: () => number): Promise<void> {
  if (length() === 0) return Promise.resolve()
  return new Promise((resolve) => {
    const stop = watch(length, (left) => {
      if (left > 0) return
      stop()
      resolve()
    })
  })
}

/** Tells who is signed in, at once and whenever that is another, and sends what they have left. */
function ofWhoIsIn(is: (person: string | null) => void, queue: Ref<Waiting[]>, run: () => Promise<void>) {
  const tell = (person: string | null) => {
    is(person)
    if (queue.value.length) setTimeout(() => void run())
  }
  watch(() => useSession().person?.id ?? null, tell, { immediate: true, flush: 'sync' })
}

function sayTurned(answer: Outcome<Answer>, which: 'undo' | 'redo') {
  if (answer.ok) aloud(`${which === 'undo' ? 'Taken back' : 'Put back'}: ${answer.value.name}.`)
  else useNotices().refuse(answer.problem)
}

/** Takes the last step back, or does it again; what was typed last is kept first, or it would come back. */
function makeTurn(
  kept: () => Promise<void>,
  since: (site: string) => number | undefined,
  succeeded: (answer: Answer) => void,
) {
  return async (site: string, which: 'undo' | 'redo') => {
    await kept()
    const known = since(site)
    const at = { path: { site }, query: { since: known } }
    const answer = await (which === 'undo'
      ? post('/api/sites/{site}/undo', at)
      : post('/api/sites/{site}/redo', at))
    if (answer.ok) succeeded(answer.value)
    sayTurned(answer, which)
    return answer.ok
  }
}

/**
 * Sends commands one after another, and keeps what could not be sent yet: over a lost connection, an expired session or a
 * reload. Each carries a request id, so that one sent twice is done once.
 */
export const useEdits = defineStore('edits', () => {
  const session = useSession()
  const notices = useNotices()
  const { queue, add, settle, belongTo } = makeQueue()
  const revisions = makeRevisions()
  const { conflict, yielded, dispute } = makeDispute()
  const keptAt = ref<Date | null>(null)
  const { known } = useShown()
  const { proof, news, tell } = makeTold()
  const { held, run } = makeSender(queue, known, answered, () => (session.expired = true))

  function give(site: string, command: Command, item: string | null = null, group?: string) {
    const done = notices.made(add({ site, command, item, group, seen: revisions.seen(item) }))
    void run()
    return done
  }

  async function answered(next: Waiting, answer: Outcome<Answer>) {
    if (answer.ok) await succeeded(answer.value, next.command.verb === 'set-value')
    else if (DISPUTED.includes(answer.problem.code))
      dispute(answer.problem.detail, waysFor(next, answer.problem, give))
    else notices.refuse(answer.problem)
    settle(next.request, answer)
  }

  async function succeeded(answer: Answer, written = false) {
    keptAt.value = new Date()
    revisions.take(answer, queue.value)
    await tell(answer, written)
  }

  const turn = makeTurn(
    () => emptied(() => queue.value.length),
    (site) => known(site).since,
    (answer) => void succeeded(answer),
  )
  const waiting = computed(() => queue.value.length)
  ofWhoIsIn(belongTo, queue, run)
  const { know } = revisions
  const asking = () => revisions.asking(() => queue.value.length)
  return { give, know, asking, turn, dispute, waiting, held, keptAt, conflict, yielded, proof, news }
})
