import type { Catalog, SiteStanding } from '@/api/types'
import { offered } from '@/site/offered'
import { awaitFrame, endWaiting } from './frame'
import { BATCH, fetchMarkup, forgetMarkup, give, markupOf } from './markup'

/** What the screen itself draws comes first. */
const AFTER_MS = 1500

const drawingsOf = (standing: SiteStanding) => new URL('/-/drawings', standing.proofs).href

let due = 0
/** While nothing else is to do: a frame that waits, with the patterns that a tray shows first. */
export function drawAhead(standing: SiteStanding, catalog: Catalog) {
  const free = window.requestIdleCallback ?? ((act: () => void) => act())
  clearTimeout(due)
  const later = (act: () => void) => window.setTimeout(() => free(act), AFTER_MS)
  due = later(() => {
    const frame = awaitFrame(drawingsOf(standing))
    if (!frame) return
    const first = offered(catalog)
      .slice(0, BATCH)
      .map((p) => ({ of: `pattern/${p.id}?drawn=${p.drawn}`, version: p.drawn }))
    const ready = async () => {
      const missing = first.filter((p) => markupOf(standing.id, p) === undefined)
      if (missing.length) await fetchMarkup(standing.id, missing)
      give(frame, standing.id, first)
    }
    if (frame.listening) void ready()
    else frame.hear = ({ type }) => type === 'ready' && void ready()
  })
}

/** Nothing that was drawn for one person is there for the next in the same window. */
export function forgetDrawings() {
  clearTimeout(due)
  endWaiting()
  forgetMarkup()
}
