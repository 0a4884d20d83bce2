/**
 * Arrangements drawn small, 64 by 36: each shape is x, y, width and height, after a letter for what it is: w words, p a picture,
 * l a line, b a box, a something filled with the accent.
 */
type Shape = { kind: string; x: number; y: number; wide: number; high: number }

const MENU = 'w34 16 6 3 w43 16 6 3 w52 16 6 3'
const CARDS = [4, 24, 44].map((x) => `p${x} 4 16 12 w${x} 19 14 3 w${x} 24 10 2`).join(' ')

const DRAWN: Record<string, Record<string, string>> = {
  headerShape: {
    line: `w4 15 18 5 ${MENU}`,
    over: `p0 0 64 36 ${'w4 8 18 5 w34 9 6 3 w43 9 6 3 w52 9 6 3'}`,
    stacked: 'w19 6 26 6 w8 18 8 3 w20 18 8 3 w32 18 8 3 w44 18 8 3 l4 27 56 1 l4 29 56 1',
    boxed: `b3 9 58 18 w8 16 14 4 w36 16 6 3 w45 16 6 3`,
    tabs: 'w4 6 24 6 b4 19 11 9 b17 19 11 9 b30 19 11 9 a0 28 64 3',
    edges: 'w1 15 12 4 w38 16 6 3 w47 16 6 3 w56 16 7 3 l0 27 64 1',
  },
  openingShape: {
    over: 'p0 0 64 36 w5 18 30 6 w5 27 20 3',
    framed: 'p4 3 56 30 w9 16 26 6 w9 25 18 3',
    beneath: 'w5 4 22 5 w38 4 20 2 w38 8 16 2 p5 17 54 17',
    above: 'p5 2 54 17 w18 23 28 5 w23 30 18 2',
    beside: 'b0 2 32 32 p32 2 32 32 w4 12 22 5 w4 20 16 3',
  },
  headShape: {
    left: `w4 5 24 5 w50 7 10 2 ${'p4 16 16 16 p24 16 16 16 p44 16 16 16'}`,
    centred: 'w20 4 24 5 l28 12 8 1 p4 17 16 16 p24 17 16 16 p44 17 16 16',
    column: 'w4 5 14 4 w4 11 8 4 l24 5 36 1 w24 8 24 3 l24 15 36 1 w24 18 24 3 l24 25 36 1 w24 28 24 3',
  },
  cardShape: {
    open: CARDS,
    boxed: `b2 2 20 31 b22 2 20 31 b42 2 20 31 ${CARDS}`,
    ruled: `l4 1 16 2 l24 1 16 2 l44 1 16 2 ${[4, 24, 44].map((x) => `p${x} 6 16 11 w${x} 20 14 3 w${x} 25 10 2`).join(' ')}`,
    raised: `${[3, 23, 43].map((x) => `f${x} 2 18 30 l${x} 32 19 2`).join(' ')} ${CARDS}`,
    joined: [2, 22, 42]
      .map((x) => `b${x} 2 20 32 p${x} 2 20 14 w${x + 3} 20 12 3 w${x + 3} 26 8 2`)
      .join(' '),
    filled: [2, 22, 42]
      .map((x, i) => `${i === 1 ? 'b' : 'f'}${x} 2 20 32 p${x} 2 20 14 w${x + 3} 20 12 3`)
      .join(' '),
  },
  captionPlace: {
    beneath: 'p4 3 56 24 w4 30 24 3',
    ruled: 'p4 2 56 22 l4 27 56 1 w4 30 24 3',
    over: 'p4 3 56 30 f4 25 30 8 w7 28 20 3',
    beside: 'p4 3 40 30 l48 23 13 1 w48 26 12 2 w48 30 8 2',
  },
  pictureEdge: {
    bare: 'p10 4 44 28',
    line: 'b8 2 48 32 p10 4 44 28',
    mat: 'b6 1 52 34 p12 6 40 24',
  },
  pageFrame: {
    open: 'f0 0 64 36 w6 6 20 4 w6 14 40 2 w6 19 40 2 w6 24 30 2',
    boxed: 'a0 0 64 36 f10 3 44 33 w14 8 16 4 w14 16 30 2 w14 21 30 2',
    edged: 'a0 0 64 36 f3 3 58 30 w8 8 20 4 w8 16 40 2 w8 21 40 2',
  },
  footerShape: {
    columns: 'w4 6 12 4 w22 6 8 2 w22 11 8 2 w36 6 8 2 w36 11 8 2 w50 6 8 2 w50 11 8 2 l4 24 56 1 w4 28 18 2',
    line: 'w4 16 14 4 w30 17 8 2 w41 17 8 2 w52 17 8 2',
    centred: 'w22 6 20 5 w12 17 8 2 w24 17 8 2 w36 17 8 2 w48 17 8 2 w24 26 16 2',
  },
}

/** The drawing of a choice; nothing where its setting is chosen by words. */
export function drawing(setting: string, choice: string): Shape[] {
  const drawn = DRAWN[setting]?.[choice] ?? ''
  return [...drawn.matchAll(/([a-z])(\d+) (\d+) (\d+) (\d+)/g)].map(([, kind, x, y, wide, high]) => ({
    kind: kind ?? '',
    x: Number(x),
    y: Number(y),
    wide: Number(wide),
    high: Number(high),
  }))
}

export const isDrawn = (setting: string) => setting in DRAWN
