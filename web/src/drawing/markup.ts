import { get } from '@/api/client'
import type { Asked } from './board'
import type { DrawingFrame } from './frame'

/** How many the server gives in one answer. */
export const BATCH = 24
/** How many are kept: a screen that is come back to is drawn at once. */
const KEPT = 400

type Known = Pick<Asked, 'of' | 'version'>
const kept = new Map<string, string>()

/** By what a frame knows a drawing: what it is of, and what it is drawn from. */
export const keyOf = ({ of, version }: Known) => `${of}#${version}`
/** Its markup, where that is here; empty where there is no such thing. */
export const markupOf = (site: string, what: Known) => kept.get(`${site}/${keyOf(what)}`)

function keep(key: string, html: string) {
  kept.delete(key)
  kept.set(key, html)
  if (kept.size > KEPT) kept.delete(kept.keys().next().value!)
}

/** Fetches the first of those asked for; whether there was an answer. */
export async function fetchMarkup(site: string, asked: Known[]): Promise<boolean> {
  const batch = asked.slice(0, BATCH)
  const answer = await get('/api/sites/{site}/drawings', {
    path: { site },
    query: { of: batch.map(({ of }) => of) },
  })
  if (!answer.ok) return false
  const given = new Map(answer.value.map((d) => [d.of, d.html ?? '']))
  for (const what of batch) keep(`${site}/${keyOf(what)}`, given.get(what.of) ?? '')
  return true
}

/** Gives a frame what is here and it has not; of what it has too much, it forgets what it was given first. */
export function give(frame: DrawingFrame, site: string, wanted: Known[]) {
  if (!frame.listening) return
  const drawings = new Map<string, string>()
  for (const what of wanted) {
    const html = markupOf(site, what)
    if (frame.given.delete(keyOf(what))) frame.given.add(keyOf(what))
    else if (html !== undefined) drawings.set(keyOf(what), html)
  }
  for (const key of drawings.keys()) frame.given.add(key)
  if (drawings.size)
    frame.send({ type: 'markup', drawings: [...drawings].map(([of, html]) => ({ of, html })) })
  const surplus = [...frame.given].slice(0, Math.max(0, frame.given.size - KEPT))
  surplus.forEach((key) => frame.given.delete(key))
  if (surplus.length) frame.send({ type: 'forget', of: surplus })
}

/** Another person may sign in in the same window. */
export const forgetMarkup = () => kept.clear()
