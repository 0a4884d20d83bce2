import { createFinalURL, createQuerySerializer, defaultPathSerializer } from 'openapi-fetch'
import type { paths } from './schema'
import { begin } from './working'

/** A refusal, as problem details tell it; status 0 means that the server could not be reached. */
export interface Problem {
  status: number
  code: string
  detail: string
  fix: string
  field?: string
  /** Where two have changed the same: the item as each of them has it. */
  mine?: unknown
  theirs?: unknown
}

/** Whether the same may well be taken a moment later: over a lost connection, an expired session, a full disk. */
export const isPassing = ({ status }: Problem) => [0, 401, 503, 507].includes(status)

export type Outcome<T> = { ok: true; value: T } | { ok: false; problem: Problem }

const OFFLINE: Problem = {
  status: 0,
  code: 'offline',
  detail: 'The server can’t be reached.',
  fix: 'What you wrote is kept here and sent when it is back.',
}

const SLOW: Problem = {
  status: 0,
  code: 'no-answer',
  detail: 'The server has not answered for a long time.',
  fix: 'It is tried again by itself; what you wrote is kept here.',
}

/** How long an answer is waited for; what is only to be kept is asked for again sooner. */
const LONGEST_MS = 90_000
export const COMMAND_MS = 20_000

/** Which installation answers: other servers under this host name have cookies of their own. */
let installation = ''

function token(): string {
  return new RegExp(`(?:^|; )XSRF-TOKEN-${installation}=([^;]*)`).exec(document.cookie)?.[1] ?? ''
}

const SIGNED_OUT = {
  status: 401,
  code: 'signed-out',
  detail: 'You are signed out.',
  fix: 'Sign in to go on; nothing is lost.',
}

/** What went wrong, as told; a refusal that carries no code comes from an expired session or its lost token. */
async function problemOf(response: Response): Promise<Problem> {
  const told = (await response.json().catch(() => ({}))) as Partial<Problem>
  if (response.status === 401 || told.code === 'no-token') return SIGNED_OUT
  const plain = { code: 'failed', detail: `The server answered ${response.status}.`, fix: 'Try again.' }
  return { ...plain, ...told, status: response.status }
}

const AS_EDITOR = 'venue-as-editor'

/** Whether this window shows and does only what an editor may. */
export function isAsEditor(): boolean {
  return sessionStorage.getItem(AS_EDITOR) === 'yes'
}
export function setAsEditor(is: boolean) {
  if (is) sessionStorage.setItem(AS_EDITOR, 'yes')
  else sessionStorage.removeItem(AS_EDITOR)
}
const eyes = (): Record<string, string> => (isAsEditor() ? { 'Venue-As': 'editor' } : {})

type Method = 'get' | 'post' | 'delete'
type Path<M extends Method> = { [P in keyof paths]: paths[P][M] extends object ? P : never }[keyof paths]
type Operation<P extends keyof paths, M extends Method> = NonNullable<paths[P][M]>
/** What an operation wants to know: parts of its path, and what stands behind the question mark. */
type At<O> = O extends { parameters: infer A extends { path?: unknown; query?: unknown } }
  ? Pick<A, 'path' | 'query'>
  : never
type Told<O> = Record<never, never> extends At<O> ? [at?: At<O>] : [at: At<O>]
type Body<O> = O extends { requestBody?: { content: { 'application/json': infer B } } } ? B : undefined
type Sent<O> =
  undefined extends Body<O> ? [body?: Body<O>, limitMs?: number] : [body: Body<O>, limitMs?: number]
/** What an operation answers, as the API's description has it. */
export type AnswerOf<O> = O extends { responses: { 200: { content: infer C } } } ? C[keyof C] : null

/** The address of an operation. */
export function addressOf(path: keyof paths, at: { path?: unknown; query?: unknown } = {}): string {
  return createFinalURL(path, {
    baseUrl: '',
    params: { path: parts(at.path), query: parts(at.query) },
    querySerializer: createQuerySerializer(),
    pathSerializer: defaultPathSerializer,
  })
}
const parts = (given: unknown): Record<string, unknown> =>
  typeof given === 'object' && given !== null ? Object.fromEntries(Object.entries(given)) : {}

async function ask<T>(address: string, init: RequestInit, limitMs = LONGEST_MS): Promise<Outcome<T>> {
  const end = begin()
  try {
    const response = await fetch(address, { ...init, signal: AbortSignal.timeout(limitMs) })
    installation = response.headers.get('Venue-Installation') ?? installation
    if (!response.ok) return { ok: false, problem: await problemOf(response) }
    const text = await response.text()
    return { ok: true, value: (text ? JSON.parse(text) : null) as T }
  } catch (failure) {
    const late = failure instanceof DOMException && failure.name === 'TimeoutError'
    return { ok: false, problem: late ? SLOW : OFFLINE }
  } finally {
    end()
  }
}

/** Something that can be asked for, more than once perhaps. */
export interface Question<T> {
  address: string
  ask: () => Promise<Outcome<T>>
}

export function question<P extends Path<'get'>>(
  path: P,
  ...[at]: Told<Operation<P, 'get'>>
): Question<AnswerOf<Operation<P, 'get'>>> {
  const address = addressOf(path, at)
  return { address, ask: () => ask(address, { headers: { Accept: 'application/json', ...eyes() } }) }
}

export function get<P extends Path<'get'>>(path: P, ...at: Told<Operation<P, 'get'>>) {
  return question(path, ...at).ask()
}

export function post<P extends Path<'post'>>(
  path: P,
  at: At<Operation<P, 'post'>>,
  ...[body, limitMs]: Sent<Operation<P, 'post'>>
) {
  const headers = { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token(), ...eyes() }
  const init = { method: 'POST', headers, body: JSON.stringify(body ?? {}) }
  return ask<AnswerOf<Operation<P, 'post'>>>(addressOf(path, at), init, limitMs)
}

export function del<P extends Path<'delete'>>(path: P, at: At<Operation<P, 'delete'>>) {
  return ask<null>(addressOf(path, at), {
    method: 'DELETE',
    headers: { 'X-XSRF-TOKEN': token(), ...eyes() },
  })
}

/** Sends a file and tells how much of it has gone (0 to 1); can be stopped. */
export function sendFile<P extends Path<'post'>>(
  path: P,
  at: At<Operation<P, 'post'>>,
  file: File,
  gone: (share: number) => void,
) {
  type T = AnswerOf<Operation<P, 'post'>>
  const request = new XMLHttpRequest()
  const body = new FormData()
  body.append('file', file)
  const done = new Promise<Outcome<T>>((resolve) => {
    const fail = (problem: Problem) => resolve({ ok: false, problem })
    request.upload.onprogress = (event) => gone(event.total ? event.loaded / event.total : 0)
    request.onabort = () => fail({ status: 0, code: 'stopped', detail: 'Stopped.', fix: '' })
    request.onerror = () => fail(OFFLINE)
    request.onload = async () => {
      const response = new Response(request.responseText, { status: request.status })
      if (response.ok) resolve({ ok: true, value: JSON.parse(request.responseText) as T })
      else fail(await problemOf(response))
    }
    request.open('POST', addressOf(path, at))
    request.setRequestHeader('X-XSRF-TOKEN', token())
    Object.entries(eyes()).forEach(([name, value]) => request.setRequestHeader(name, value))
    request.send(body)
  })
  return { done, stop: () => request.abort() }
}

/** A short id for what the client makes: pages, sections, requests. */
export function freshId(): string {
  const letters = 'abcdefghjkmnpqrstvwxyz0123456789'
  return Array.from(
    crypto.getRandomValues(new Uint8Array(12)),
    (n) => letters[n % letters.length] ?? 'a',
  ).join('')
}
