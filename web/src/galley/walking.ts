type Box = Pick<DOMRect, 'left' | 'top' | 'width'>
type Thing = { getBoundingClientRect: () => Box }

const middle = ({ left, width }: Box) => left + width / 2

/** The nearest thing in the next row above or beneath. */
function inRow<T extends Thing>(things: T[], from: T, down: boolean): T | undefined {
  const at = from.getBoundingClientRect()
  const beyond = things
    .map((thing) => ({ thing, box: thing.getBoundingClientRect() }))
    .filter(({ box }) => (down ? box.top > at.top + 1 : box.top < at.top - 1))
  const row = (down ? Math.min : Math.max)(...beyond.map(({ box }) => box.top))
  const far = (box: Box) => Math.abs(middle(box) - middle(at))
  return beyond.filter(({ box }) => Math.abs(box.top - row) <= 1).sort((a, b) => far(a.box) - far(b.box))[0]
    ?.thing
}

/** Where an arrow leads in a grid of things, in the order in which they stand; into it from before it too. */
export function stepIn<T extends Thing>(things: T[], from: T, key: string, isBefore = false): T | undefined {
  if (isBefore) return key === 'ArrowDown' ? things[0] : undefined
  const at = things.indexOf(from)
  if (at < 0) return undefined
  if (key === 'ArrowRight') return things[at + 1]
  if (key === 'ArrowLeft') return things[at - 1]
  if (key === 'Home') return things[0]
  if (key === 'End') return things.at(-1)
  return key === 'ArrowDown' || key === 'ArrowUp' ? inRow(things, from, key === 'ArrowDown') : undefined
}

/** Whether an arrow leads out of a grid at its top. */
export const leavesUp = <T extends Thing>(things: T[], from: T, key: string) =>
  key === 'ArrowUp' && things.includes(from) && !inRow(things, from, false)

/** From the search of a tray one key leads to its first drawing; arrows walk them, and back to it. */
export function walk(event: KeyboardEvent, tray: HTMLElement) {
  const drawings = [...tray.querySelectorAll<HTMLElement>('.patterns > button')]
  const field = tray.querySelector<HTMLElement>('input[type=search]')
  const from = document.activeElement as HTMLElement
  const to =
    stepIn(drawings, from, event.key, from === field) ?? (leavesUp(drawings, from, event.key) && field)
  if (!to) return
  to.focus()
  event.preventDefault()
}
