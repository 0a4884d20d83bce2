import { ref } from 'vue'
import { freshId, type Outcome } from '@/api/client'
import type { Answer, Command } from '@/api/types'

/** A command that has not been answered yet. */
export interface Waiting {
  site: string
  command: Command
  item: string | null
  seen?: string
  group?: string
  request: string
}

const KEY = 'venue-waiting-'

/** What windows of a person that were closed or reloaded have left unsent; what others wrote here stays for them. Sending it twice is harmless. */
function restored(person: string): Waiting[] {
  const keys = Object.keys(localStorage).filter((key) => key.startsWith(`${KEY}${person}/`))
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

const isSame = (one: Waiting, other: Omit<Waiting, 'request'>) =>
  one.site === other.site && JSON.stringify(one.command) === JSON.stringify(other.command)

/** The commands that wait, kept over a reload; where the browser has no room for them, they wait in this window alone. */
export function makeQueue() {
  const window = freshId()
  const queue = ref<Waiting[]>([])
  let key = ''

  const settled = new Map<string, ((answer: Outcome<Answer>) => void)[]>()

  /** Whose writing it is from now on; what somebody else has left here waits until they are back. */
  function belongTo(person: string | null) {
    store()
    settled.clear()
    key = person ? `${KEY}${person}/${window}` : ''
    queue.value = person ? restored(person) : []
    store()
  }

  function store() {
    if (!key) return
    localStorage.removeItem(key)
    try {
      if (queue.value.length) localStorage.setItem(key, JSON.stringify(queue.value))
    } catch {
      localStorage.removeItem(key)
    }
  }

  /**
   * Lets a command wait; its answer, once there is one. The same as the last that waits is that one: commands say what is to be,
   * and whoever clicks twice means it once.
   */
  function add(command: Omit<Waiting, 'request'>): Promise<Outcome<Answer>> {
    const last = queue.value[queue.value.length - 1]
    const request = last && isSame(last, command) ? last.request : freshId() + freshId()
    if (request !== last?.request) queue.value.push({ ...command, request })
    store()
    return new Promise((resolve) => settled.set(request, [...(settled.get(request) ?? []), resolve]))
  }
  function settle(request: string, answer: Outcome<Answer>) {
    store()
    settled.get(request)?.forEach((tell) => tell(answer))
    settled.delete(request)
  }
  return { queue, add, settle, belongTo }
}
