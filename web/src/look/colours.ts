/** The colours of the workshop, by day and by night. Vuetify's theme is made from them, and the custom properties of look.css. */
export const COLOURS = {
  paper: { light: '#f7f5ef', dark: '#171b1e' },
  sheet: { light: '#ffffff', dark: '#1f2529' },
  ink: { light: '#20262b', dark: '#ece8de' },
  quiet: { light: '#5b6670', dark: '#a9b2b8' },
  line: { light: '#dcd7cb', dark: '#3a4147' },
  line2: { light: '#ebe7dd', dark: '#2c3237' },
  table: { light: '#ece7dc', dark: '#121517' },
  juniper: { light: '#1f5e5b', dark: '#7fc0b6' },
  'juniper-wash': { light: '#e4eeea', dark: '#22352f' },
  /** What acts, and what is held back: white words stand on them. */
  deed: { light: '#1f5e5b', dark: '#1f5e5b' },
  held: { light: '#7a5600', dark: '#7a5600' },
  ember: { light: '#b4521e', dark: '#b4521e' },
  ochre: { light: '#8a6100', dark: '#ddb55b' },
  'ochre-ink': { light: '#7a5600', dark: '#ddb55b' },
  'ochre-wash': { light: '#f6ebd0', dark: '#3a3119' },
  brick: { light: '#a3292b', dark: '#f09a94' },
  'brick-wash': { light: '#f6e1de', dark: '#43211f' },
  'lens-1': { light: '#1f5e5b', dark: '#7fc0b6' },
  'lens-2': { light: '#20262b', dark: '#ece8de' },
  'lens-3': { light: '#5b6670', dark: '#a9b2b8' },
  'lens-4': { light: '#8a6100', dark: '#ddb55b' },
  'lens-5': { light: '#7a3e6d', dark: '#cf9bc4' },
  'lens-6': { light: '#b4521e', dark: '#e39a6e' },
  'lens-7': { light: '#3b5b92', dark: '#93b0e4' },
  'lens-8': { light: '#4f6b2a', dark: '#a9c57f' },
} as const

export type Scheme = 'light' | 'dark'

/** Every colour of a scheme by its name. */
export function coloursOf(scheme: Scheme): Record<string, string> {
  return Object.fromEntries(Object.entries(COLOURS).map(([name, by]) => [name, by[scheme]]))
}
