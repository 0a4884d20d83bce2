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

/** The commands that wait, kept over a reload; where the browser has no room for them, they wait in this window alone. */
export function makeQueue() {
  const key = KEY + freshId()
  const queue = ref<Waiting[]>(restored())

  const settled = new Map<string, (answer: Outcome<Answer>) => void>()

  function store() {
    localStorage.removeItem(key)
    try {
      if (queue.value.length) localStorage.setItem(key, JSON.stringify(queue.value))
    } catch {
      localStorage.removeItem(key)
    }
  }

  /** Lets a command wait; its answer, once there is one. */
  function add(command: Omit<Waiting, 'request'>): Promise<Outcome<Answer>> {
    const request = freshId() + freshId()
    queue.value.push({ ...command, request })
    store()
    return new Promise((resolve) => settled.set(request, resolve))
  }
  function settle(request: string, answer: Outcome<Answer>) {
    store()
    settled.get(request)?.(answer)
    settled.delete(request)
  }
  return { queue, add, settle }
}
