const GAP = 14
const LEAST = 96

/** A file's place in a line: how wide and high it is shown. */
export interface Set<T> {
  item: T
  width: number
  height: number
}

/**
 * Sets things in lines of one height each, as wide as there is room, at their true proportions; the last line is not stretched.
 *
 * @param ratioOf width by height of each
 * @param height of a line, in pixels, before it is fitted
 */
export function justified<T>(
  items: T[],
  ratioOf: (item: T) => number,
  room: number,
  height: number,
): Set<T>[][] {
  const lines: Set<T>[][] = []
  let line: T[] = []
  const wide = (item: T) => Math.max(LEAST, ratioOf(item) * height)
  const widthOf = (of: T[]) => of.reduce((sum, i) => sum + wide(i), 0)
  const close = (fit: number) => {
    if (line.length)
      lines.push(
        line.map((item) => ({ item, width: Math.floor(wide(item) * fit), height: Math.round(height * fit) })),
      )
    line = []
  }
  for (const item of items) {
    line.push(item)
    const free = room - GAP * (line.length - 1)
    if (widthOf(line) >= free) close(free / widthOf(line))
  }
  close(1)
  return lines
}
