/** A refusal, as problem details tell it; status 0 means that the server could not be reached. */
export interface Problem {
  status: number
  code: string
  detail: string
  fix: string
  field?: string
}

export type Outcome<T> = { ok: true; value: T } | { ok: false; problem: Problem }

const OFFLINE: Problem = {
  status: 0,
  code: 'offline',
  detail: 'The server can’t be reached.',
  fix: 'What you wrote is kept here and sent when it is back.',
}

function token(): string {
  return /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? ''
}

async function problemOf(response: Response): Promise<Problem> {
  const fallback = {
    status: response.status,
    code: response.status === 401 ? 'signed-out' : 'failed',
    detail: response.status === 401 ? 'You are signed out.' : `The server answered ${response.status}.`,
    fix: response.status === 401 ? 'Sign in to go on; nothing is lost.' : 'Try again.',
  }
  try {
    return { ...fallback, ...((await response.json()) as Partial<Problem>), status: response.status }
  } catch {
    return fallback
  }
}

async function ask<T>(path: string, init: RequestInit): Promise<Outcome<T>> {
  try {
    const response = await fetch('/api' + path, init)
    if (!response.ok) return { ok: false, problem: await problemOf(response) }
    const text = await response.text()
    return { ok: true, value: (text ? JSON.parse(text) : null) as T }
  } catch {
    return { ok: false, problem: OFFLINE }
  }
}

export function get<T>(path: string): Promise<Outcome<T>> {
  return ask<T>(path, { headers: { Accept: 'application/json' } })
}

export function post<T>(path: string, body: unknown = {}): Promise<Outcome<T>> {
  const headers = { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token() }
  return ask<T>(path, { method: 'POST', headers, body: JSON.stringify(body) })
}

export function upload<T>(path: string, file: File): Promise<Outcome<T>> {
  const body = new FormData()
  body.append('file', file)
  return ask<T>(path, { method: 'POST', headers: { 'X-XSRF-TOKEN': token() }, body })
}

/** A short id for what the client makes: pages, sections, requests. */
export function freshId(): string {
  const letters = 'abcdefghjkmnpqrstvwxyz0123456789'
  return Array.from(
    crypto.getRandomValues(new Uint8Array(12)),
    (n) => letters[n % letters.length] ?? 'a',
  ).join('')
}
