/** The part of a picture that is shown, in whole percent of the whole. */
export interface CutBox {
  left: number
  top: number
  wide: number
  high: number
}

export type Grip = 'move' | 'nw' | 'ne' | 'sw' | 'se'

export const WHOLE: CutBox = { left: 0, top: 0, wide: 100, high: 100 }
/** The smallest part that can be cut out, in percent. */
export const LEAST = 5
const ALL = 100

const clamp = (n: number, low: number, high: number) => Math.max(low, Math.min(high, n))

/**
 * The part after a grip has been moved by so many percent of the whole. It stays within the picture.
 *
 * @param ratio width to height of the part in percent of the whole, where its proportion is to be kept
 */
export function moved(box: CutBox, grip: Grip, dx: number, dy: number, ratio?: number): CutBox {
  if (grip === 'move')
    return {
      ...box,
      left: clamp(Math.round(box.left + dx), 0, ALL - box.wide),
      top: clamp(Math.round(box.top + dy), 0, ALL - box.high),
    }
  const east = grip.endsWith('e')
  const south = grip.startsWith('s')
  const right = box.left + box.wide
  const bottom = box.top + box.high
  const roomX = east ? ALL - box.left : right
  const roomY = south ? ALL - box.top : bottom
  let wide = clamp(Math.round(box.wide + (east ? dx : -dx)), LEAST, roomX)
  let high = clamp(Math.round(box.high + (south ? dy : -dy)), LEAST, roomY)
  if (ratio) {
    wide = Math.max(LEAST, Math.min(wide, Math.floor(roomY * ratio)))
    high = clamp(Math.round(wide / ratio), LEAST, roomY)
  }
  return { left: east ? box.left : right - wide, top: south ? box.top : bottom - high, wide, high }
}

/** The greatest part of a proportion around the middle of another. */
export function shaped(box: CutBox, ratio: number): CutBox {
  const wide = Math.max(LEAST, Math.floor(Math.min(ALL, ALL * ratio)))
  const high = Math.max(LEAST, Math.floor(Math.min(ALL, ALL / ratio)))
  const x = box.left + box.wide / 2
  const y = box.top + box.high / 2
  return {
    left: clamp(Math.round(x - wide / 2), 0, ALL - wide),
    top: clamp(Math.round(y - high / 2), 0, ALL - high),
    wide,
    high,
  }
}
