/** What an event came from, as what it is. */
export function inputOf({ target }: Event): HTMLInputElement {
  if (target instanceof HTMLInputElement) return target
  throw new TypeError('this comes from no input')
}

export type Field = HTMLInputElement | HTMLTextAreaElement

/** Words are written in a line or in lines. */
export function fieldOf({ target }: Event): Field {
  if (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement) return target
  throw new TypeError('nothing is written here')
}

export const elementOf = (target: EventTarget | null) => (target instanceof HTMLElement ? target : null)

export const nodeOf = (target: EventTarget | null) => (target instanceof Node ? target : null)
