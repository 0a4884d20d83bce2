import type { Delivery } from '@/api/types'
import { weight } from '@/media/weight'

const clock = (instant: string) =>
  new Date(instant).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  })

/** How a delivery stands, in a line: what is being done, what is in the way, or what it shows. */
export function stands(d: Delivery): { tone: string; words: string } {
  const { doing, trouble, release, at, objects, bytes } = d.stands
  if (doing) {
    const done = doing.done.toLocaleString('en-GB')
    const far = doing.of
      ? ` · ${done} of ${doing.of.toLocaleString('en-GB')}`
      : doing.done
        ? ` · ${done} so far`
        : ''
    return { tone: '', words: `${doing.words}${far}${doing.bytes ? ` · ${weight(doing.bytes)}` : ''}` }
  }
  if (trouble) return { tone: 'must', words: trouble.says }
  if (!release) return { tone: 'quiet', words: 'Nothing is there yet' }
  const holds = objects ? ` · ${objects.toLocaleString('en-GB')} objects, ${weight(bytes)}` : ''
  return {
    tone: 'state LIVE',
    words: `● Shows release ${release}${at ? `, since ${clock(at)}` : ''}${holds}`,
  }
}

/** What comes of a trouble. */
export const again = (nextAt: string) =>
  new Date(nextAt).getTime() <= Date.now()
    ? 'It is tried again now.'
    : `It is tried again at ${clock(nextAt)}.`
