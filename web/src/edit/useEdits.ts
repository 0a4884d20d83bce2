import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { freshId, post, type Outcome } from '@/api/client'
import type { Answer, Command } from '@/api/types'
import { useSession } from '@/session/useSession'
import { useNotices } from './useNotices'

interface Waiting {
  site: string
  command: Command
  item: string | null
  seen?: string
  group?: string
  request: string
}

export interface Conflict {
  detail: string
  keepMine: () => void
  takeTheirs: () => void
}

const KEY = 'venue-waiting-'
const FIRST_WAIT_MS = 1000
const LONGEST_WAIT_MS = 8000

/** What windows closed or reloaded before have left unsent. Sending it twice is harmless. */
function restored(): Waiting[] {
  const keys = Object.keys(localStorage).filter((key) => key.startsWith(KEY))
  const left = keys.flatMap((key) => read(key))
  keys.forEach((key) => localStorage.removeItem(key))
  return left
}

function read(key: string): Waiting[] {
  try {
    return JSON.parse(localStorage.getItem(key) ?? '[]') as Waiting[]
  } catch {
    return []
  }
}

/**
 * Sends commands one after another, and keeps what could not be sent yet: over a lost connection, an expired session or a
 * reload. Each carries a request id, so that one sent twice is done once.
 */
export const useEdits = defineStore('edits', () => {
  const session = useSession()
  const notices = useNotices()
  const key = KEY + freshId()
  const queue = ref<Waiting[]>(restored())
  const offline = ref(false)
  const keptAt = ref<Date | null>(null)
  const conflict = ref<Conflict | null>(null)
  const revisions = new Map<string, string>()
  /** How many answers have come: what was asked before the last of them may be older than it. */
  let answers = 0
  const settled = new Map<string, (answer: Outcome<Answer>) => void>()
  let running = false
  let wait = FIRST_WAIT_MS

  function know(item: string, revision: string) {
    revisions.set(item, revision)
  }

  /** Begins to ask for contents. The answer tells whether a command was given or answered since: then they may be older than it. */
  function asking() {
    const before = answers
    return () => queue.value.length > 0 || before !== answers
  }

  function give(site: string, command: Command, item: string | null = null, group?: string) {
    const waiting: Waiting = {
      site,
      command,
      item,
      group,
      request: freshId() + freshId(),
      seen: item ? revisions.get(item) : undefined,
    }
    queue.value.push(waiting)
    store()
    const done = new Promise<Outcome<Answer>>((resolve) => settled.set(waiting.request, resolve))
    void run()
    return done
  }

  function store() {
    if (queue.value.length) localStorage.setItem(key, JSON.stringify(queue.value))
    else localStorage.removeItem(key)
  }

  async function run() {
    if (running) return
    running = true
    while (queue.value[0] && (await send(queue.value[0])));
    running = false
  }

  async function send(next: Waiting): Promise<boolean> {
    const seen = next.item && revisions.has(next.item) ? { [next.item]: next.seen ?? '' } : {}
    const body = { command: next.command, seen, group: next.group, request: next.request }
    const answer = await post<Answer>(`/sites/${next.site}/commands`, body)
    if (!answer.ok && answer.problem.status === 0) return later()
    if (!answer.ok && answer.problem.status === 401) {
      session.expired = true
      return later()
    }
    offline.value = false
    wait = FIRST_WAIT_MS
    queue.value.shift()
    if (answer.ok) succeeded(answer.value)
    else if (answer.problem.code === 'changed-meanwhile') ask(next, answer.problem.detail)
    else notices.refuse(answer.problem)
    store()
    settled.get(next.request)?.(answer)
    settled.delete(next.request)
    return true
  }

  function succeeded(answer: Answer) {
    keptAt.value = new Date()
    answers++
    Object.entries(answer.revisions).forEach(([item, revision]) => know(item, revision))
    queue.value.forEach((w) => {
      const revision = w.item ? answer.revisions[w.item] : undefined
      if (revision) w.seen = revision
    })
  }

  function later() {
    offline.value = true
    setTimeout(() => void run(), wait)
    wait = Math.min(wait * 2, LONGEST_WAIT_MS)
    return false
  }

  function ask(mine: Waiting, detail: string) {
    const again = () => void give(mine.site, mine.command, null, mine.group)
    dispute(detail, again, () => undefined)
  }

  /** Asks which of two is to stand, where somebody else has changed what is being written here. */
  function dispute(detail: string, keepMine: () => void, takeTheirs: () => void) {
    const settle = (then: () => void) => () => {
      conflict.value = null
      then()
    }
    conflict.value = { detail, keepMine: settle(keepMine), takeTheirs: settle(takeTheirs) }
  }

  /** When all that was given has been answered. */
  function drained(): Promise<void> {
    if (queue.value.length === 0) return Promise.resolve()
    return new Promise((resolve) => {
      const stop = watch(
        () => queue.value.length,
        (left) => {
          if (left > 0) return
          stop()
          resolve()
        },
      )
    })
  }

  /** Takes the last step back, or does it again; what was typed last is kept first, or it would come back. */
  async function turn(site: string, which: 'undo' | 'redo') {
    await drained()
    const answer = await post<Answer>(`/sites/${site}/${which}`)
    if (answer.ok) succeeded(answer.value)
    else notices.refuse(answer.problem)
  }

  const waiting = computed(() => queue.value.length)
  if (queue.value.length) setTimeout(() => void run())
  return { give, know, asking, turn, dispute, waiting, offline, keptAt, conflict }
})
