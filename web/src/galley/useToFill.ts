import { elementOf, nodeOf } from '@/look/targets'
import { useEventListener } from '@vueuse/core'
import { hasSheet } from '@/look/keys'
import { writeIn } from './writable'
import type { Galley } from './useGalley'

/** The places in the galley that wait to be filled, in reading order. */
function waiting(): HTMLElement[] {
  return [...document.querySelectorAll<HTMLElement>('[data-to-fill]')]
}

/** Walks from one place to fill to the next; Tab does so from within one. */
export function useToFill(galley: Galley) {
  /** The place one has come to write in; it stays one's place while it is being filled. */
  let here: Element | null = null

  /** @param round whether the first follows the last; Tab leaves the places at their end, or nobody could */
  function next(by: 1 | -1, round: boolean): HTMLElement | undefined {
    const places = waiting().filter((p) => p !== here)
    const from = here
    if (!from) return places.at(by > 0 ? 0 : -1)
    const follows = (p: Element) => from.compareDocumentPosition(p) & Node.DOCUMENT_POSITION_FOLLOWING
    const on = by > 0 ? places.find(follows) : places.findLast((p) => !follows(p))
    return on ?? (round ? places.at(by > 0 ? 0 : -1) : undefined)
  }

  function go(by: 1 | -1, round = true) {
    const place = next(by, round)
    if (!place) return false
    galley.chosen.value = place.closest<HTMLElement>('[data-section]')?.dataset.section ?? null
    place.scrollIntoView({ block: 'center' })
    void writeIn(place)
    return true
  }

  useEventListener(document, 'focusin', (event: FocusEvent) => {
    const target = elementOf(event.target)
    if (target && !here?.contains(target)) here = target.closest('[data-to-fill]')
  })
  useEventListener(document, 'keydown', (event: KeyboardEvent) => {
    if (event.key !== 'Tab' || hasSheet() || !here?.contains(nodeOf(event.target))) return
    if (go(event.shiftKey ? -1 : 1, false)) event.preventDefault()
  })

  return { go }
}
