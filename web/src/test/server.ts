import { vi } from 'vitest'
import { moor } from './moor'

/** A server that answers by path, and remembers what was sent; an answer with a status is a refusal. */
export function server(answers: Record<string, unknown>) {
  moor()
  const sent: string[] = []
  vi.stubGlobal('fetch', (path: string, init?: RequestInit) => {
    const at = path.replace('/api', '')
    if (init?.method === 'POST') sent.push(`${at} ${String(init.body)}`)
    const answer = answers[at.split('?')[0]!] ?? {}
    const refusal = (answer as { status?: number }).status
    return Promise.resolve(new Response(JSON.stringify(answer), { status: refusal ?? 200 }))
  })
  return sent
}
