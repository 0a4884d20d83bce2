import { useEventListener } from '@vueuse/core'
import { hasSheet } from '@/bearing/useGlobalKeys'
import type { Galley } from './useGalley'

const MOST_FRAMES = 30
const WRITABLE = 'textarea, input, [contenteditable=true], .picture'

/** The places in the galley that wait to be filled, in reading order. */
function waiting(): HTMLElement[] {
  return [...document.querySelectorAll<HTMLElement>('[data-to-fill]')]
}

/** Where one writes; an editor that was far from the screen comes about once it is near. */
async function writable(place: HTMLElement): Promise<HTMLElement | null> {
  for (let frame = 0; frame < MOST_FRAMES; frame++) {
    const input = place.querySelector<HTMLElement>(WRITABLE)
    if (input) return input
    await new Promise(requestAnimationFrame)
  }
  return null
}

/** Walks from one place to fill to the next; Tab does so from within one. */
export function useToFill(galley: Galley) {
  function go(by: 1 | -1) {
    const places = waiting()
    const at = places.findIndex((p) => p.contains(document.activeElement))
    const next = places[(at < 0 ? (by > 0 ? 0 : places.length - 1) : at + by + places.length) % places.length]
    if (!next) return false
    galley.chosen.value = next.closest<HTMLElement>('[data-section]')?.dataset.section ?? null
    next.scrollIntoView({ block: 'center' })
    void writable(next).then((input) => input?.focus({ preventScroll: true }))
    return true
  }

  useEventListener(document, 'keydown', (event: KeyboardEvent) => {
    if (event.key !== 'Tab' || hasSheet()) return
    const here = event.target
    const inside = here instanceof Element && here.closest('[data-to-fill]')
    if (inside && waiting().length > 1 && go(event.shiftKey ? -1 : 1)) event.preventDefault()
  })

  return { go }
}
