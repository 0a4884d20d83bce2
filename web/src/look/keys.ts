import { useLocalStorage, useMediaQuery } from '@vueuse/core'

/** Whether keys go to something that is being written in. */
export function isWriting(event: KeyboardEvent): boolean {
  const target = event.target
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
  )
}

/** Whether single letters act as keys: somebody who speaks to their computer may want them not to (WCAG 2.2, 2.1.4). */
export const letterKeys = useLocalStorage('venue-letter-keys', true)

/** On a screen that is touched, letters come from the keyboard that a field brings: none of them is a key. */
const touched = useMediaQuery('(hover: none) and (pointer: coarse)')

/** Whether a key may act, being none of a single letter, or letters being let. */
export function lettersAct(event: KeyboardEvent): boolean {
  return (letterKeys.value && !touched.value) || event.key.length > 1 || event.key === ' '
}

/** Whether some sheet or menu lies over the screen and has the keys. */
export function hasSheet(): boolean {
  return document.querySelector('.v-overlay--active, .tray') !== null
}
