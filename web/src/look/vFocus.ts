import type { Directive } from 'vue'

/**
 * Puts the cursor here as soon as it stands there, and never later: whoever has gone on to the next field meanwhile would write
 * into this one.
 */
export const vFocus: Directive<HTMLElement> = {
  mounted(element) {
    const inner = element.querySelector<HTMLElement>('input, textarea')
    ;(inner ?? element).focus({ preventScroll: true })
  },
}
