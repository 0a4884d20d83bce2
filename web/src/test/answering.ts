import { vi } from 'vitest'
import { moor, row } from './moor'

/** What the site's news are where no test asks for them. */
const GONE = { status: 503, detail: 'Not now.', fix: 'Wait.' }

/** A server that answers by path, and remembers what was sent to it in writing. */
export function answering(answers: Record<string, unknown>, rows = [row('home'), row('visit')]) {
  moor(rows)
  const sent: string[] = []
  vi.stubGlobal('fetch', (path: string, init?: RequestInit) => {
    const at = path.replace('/api', '')
    if (init?.method && init.method !== 'GET')
      sent.push(`${init.method} ${at} ${String(init.body ?? '')}`.trim())
    const answer =
      answers[`${init?.method ?? 'GET'} ${at}`] ??
      answers[at.split('?')[0]!] ??
      (at.includes('/news') ? GONE : {})
    const refusal = (answer as { status?: unknown }).status
    const status = typeof refusal === 'number' ? refusal : 200
    return Promise.resolve(new Response(JSON.stringify(answer), { status }))
  })
  return sent
}
