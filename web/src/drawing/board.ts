import { inject, provide, type InjectionKey } from 'vue'

/** What is drawn in a place: part of a site, asked for as proofs are. */
export interface Asked {
  of: string
  /** What it is drawn from: while that stays, so does the drawing. */
  version: string
  /** How wide it is drawn, in pixels, before it is made as small as its place. */
  at: number
  /** From its top down; else what is lower than its place stands in its middle. */
  whole: boolean
}
export interface Board {
  add: (id: string, place: HTMLElement, asked: () => Asked) => void
  remove: (id: string) => void
  changed: () => void
}

const KEY: InjectionKey<Board> = Symbol('board')
export const provideBoard = (board: Board) => provide(KEY, board)
export const useBoard = () => inject(KEY)!

export interface Place extends Asked {
  id: string
  x: number
  y: number
  w: number
  h: number
  /** How far it is from the window, in pixels; nought in it. */
  far: number
}

/** How many are drawn at once: those nearest the window. */
const MOST = 300

/** Where the places lie on the board, the nearest to the window first. */
export function placesOn(box: DOMRect, of: Map<string, [HTMLElement, () => Asked]>, high: number): Place[] {
  const all = [...of].map(([id, [place, asked]]) => {
    const { left, top, bottom, width, height } = place.getBoundingClientRect()
    const far = Math.max(0, top - high, -bottom)
    const x = left + place.clientLeft - box.left
    const y = top + place.clientTop - box.top
    // To parts of a pixel: a whole one too many lies over the border.
    return { id, ...asked(), x, y, w: width - 2 * place.clientLeft, h: height - 2 * place.clientTop, far }
  })
  return all
    .filter((p) => p.w > 0 && p.h > 0)
    .sort((a, b) => a.far - b.far || a.y - b.y || a.x - b.x)
    .slice(0, MOST)
}
