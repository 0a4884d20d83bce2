import { useEventListener } from '@vueuse/core'
import { nextTick } from 'vue'
import { hasSheet } from '@/bearing/useGlobalKeys'
import type { Galley } from './useGalley'

const WRITABLE = 'textarea, input, [contenteditable=true], .picture'

/** The inputs in the galley that wait to be filled, in reading order. */
function waiting(): HTMLElement[] {
  return [...document.querySelectorAll<HTMLElement>('[data-to-fill]')]
    .map((place) => (place.matches(WRITABLE) ? place : place.querySelector<HTMLElement>(WRITABLE)))
    .filter((place) => place !== null)
}

/** Walks from one place to fill to the next; Tab does so from within one. */
export function useToFill(galley: Galley) {
  function go(by: 1 | -1) {
    const places = waiting()
    const here = document.activeElement
    const at = places.findIndex((p) => p === here || p.contains(here))
    const next = places[(at < 0 ? (by > 0 ? 0 : places.length - 1) : at + by + places.length) % places.length]
    if (!next) return false
    galley.chosen.value = next.closest<HTMLElement>('[data-section]')?.dataset.section ?? null
    next.scrollIntoView({ block: 'center' })
    void nextTick(() => next.focus({ preventScroll: true }))
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
