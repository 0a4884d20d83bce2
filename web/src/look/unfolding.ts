/** Where a sheet unfolds: its place in the window and, where it doesn't cover what it is about, the hairline that leads to it. */
export interface Unfolded extends Place {
  /** The most height that it may take. */
  most: number
  /** What it is about, to be marked. */
  about: Box | null
}
interface Place {
  left: number
  top: number
  side: 'beneath' | 'above' | 'right' | 'left' | 'over'
  leader: Box | null
}
interface Room {
  width: number
  height: number
}
export interface Box {
  left: number
  top: number
  width: number
  height: number
}

const EDGE = 16
const LEADER = 14
const INSET = 12

/**
 * Places a sheet by what it is about: beneath where there is room, else above, else beside, else over it.
 *
 * @param about what it is about, or null where nothing in the window is
 */
export function unfold(about: Box | null, sheet: Room, window: Room): Unfolded {
  const right = Math.max(EDGE, window.width - EDGE - sheet.width)
  const lowest = Math.max(EDGE, window.height - EDGE - sheet.height)
  const most = window.height - 2 * EDGE
  const fits = (p: Place) => p.left >= EDGE && p.left <= right && p.top >= EDGE && p.top <= lowest
  const beside = about && sides(about, sheet, right, lowest).find(fits)
  if (beside) return { ...beside, most, about }
  const left = about ? within(EDGE, about.left, right) : (EDGE + right) / 2
  return { left, top: about ? lowest : Math.min(64, lowest), most, side: 'over', leader: null, about: null }
}

const within = (least: number, wished: number, most: number) => Math.min(Math.max(least, wished), most)

function sides(about: Box, sheet: Room, right: number, lowest: number): Place[] {
  const end = { x: about.left + about.width, y: about.top + about.height }
  const left = within(EDGE, about.left, right)
  const top = within(EDGE, about.top, lowest)
  const stem = within(left + INSET, about.left + Math.min(INSET, about.width / 2), left + sheet.width - INSET)
  const branch = within(top + INSET, about.top + about.height / 2, top + sheet.height - INSET)
  const upright = (y: number) => ({ left: stem, top: y, width: 1, height: LEADER })
  const level = (x: number) => ({ left: x, top: branch, width: LEADER, height: 1 })
  const above = about.top - LEADER
  const before = about.left - LEADER
  return [
    { side: 'beneath', left, top: end.y + LEADER, leader: upright(end.y) },
    { side: 'above', left, top: above - sheet.height, leader: upright(above) },
    { side: 'right', left: end.x + LEADER, top, leader: level(end.x) },
    { side: 'left', left: before - sheet.width, top, leader: level(before) },
  ]
}
