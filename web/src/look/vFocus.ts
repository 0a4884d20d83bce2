import type { Directive } from 'vue'

/**
 * Puts the cursor here as soon as it stands there, and never later: whoever has gone on to the next field meanwhile would write
 * into this one.
 */
export const vFocus: Directive<HTMLElement> = {
  mounted(element) {
    const inner = element.querySelector<HTMLElement>('input, textarea')
    ;(inner ?? element.querySelector('button') ?? element).focus({ preventScroll: true })
  },
}

/** Takes focus as a screen comes about, where nothing of that screen has it yet. */
export const vArrival: Directive<HTMLElement> = {
  mounted(element) {
    const at = document.activeElement
    if (!at || at === document.body || at.matches('main')) element.focus({ preventScroll: true })
  },
}
