import type { CSSProperties } from 'vue'

/** A style that is chosen, seen on words of the site: how they are set, and what stands above them. */
export interface Sample {
  of: 'heading' | 'button' | 'link'
  words: CSSProperties
  above?: CSSProperties
}
type Read = (key: string) => string

const CASES: Record<string, CSSProperties['textTransform']> = { upper: 'uppercase', uppercase: 'uppercase' }
const RADIUS: Record<string, string> = { round: '99px', soft: '6px', square: '0' }
const family = (look: Read, voice: string): CSSProperties => ({
  fontFamily: `var(--f-${look(`${voice}Font`)}, ${look(`${voice}Font`)})`,
})
const heading = (look: Read): CSSProperties => ({
  ...family(look, 'heading'),
  color: look('colourHeadings') || look('colourWords'),
  fontWeight: look('headingWeight'),
  textTransform: CASES[look('headingCase')] ?? 'none',
})
const filled = (ground: string, words: string): CSSProperties => ({
  background: ground,
  color: words,
  borderColor: ground,
})
const button = (look: Read): CSSProperties => ({
  ...family(look, 'label'),
  ...filled(look('colourAccent'), look('colourOnAccent') || look('colourPage')),
  borderStyle: 'solid',
  borderWidth: '1px',
  borderRadius: RADIUS[look('buttonShape')],
  textTransform: CASES[look('buttonCase')] ?? 'none',
  padding: '3px 7px',
})
const link = (look: Read): CSSProperties => ({
  ...family(look, 'body'),
  color: look('colourLink') || look('colourAccent'),
  textDecoration: 'underline',
})

const RULED = (look: Read): CSSProperties => ({
  borderTop: `2px solid ${look('colourWords')}`,
  width: '100%',
})
const ORNAMENTS: Record<string, (look: Read) => CSSProperties> = {
  rule: RULED,
  bar: (look) => ({ borderTop: `4px solid ${look('colourAccent')}`, width: '26px' }),
  star: (look) => ({ color: look('colourAccent') }),
}
const STRONG: Record<string, (look: Read) => CSSProperties> = {
  filled: () => ({}),
  inked: (look) => filled(look('colourWords'), look('colourPage')),
  lined: (look) => ({
    ...filled('transparent', look('colourAccent')),
    borderRadius: '0',
    borderBottomColor: look('colourAccent'),
    paddingInline: '2px',
  }),
}
const PLAIN: Record<string, (look: Read) => CSSProperties> = {
  outline: (look) => ({ ...filled('transparent', look('colourWords')), borderColor: look('colourWords') }),
  tinted: (look) =>
    filled(`color-mix(in srgb, ${look('colourAccent')} 12%, ${look('colourPage')})`, look('colourWords')),
  filled: () => ({}),
}
const LINKS: Record<string, CSSProperties> = {
  line: {},
  thick: { textDecorationThickness: '3px' },
  hover: { textDecoration: 'none', fontWeight: 600 },
}

const SAMPLED: Record<string, (choice: string, look: Read) => Sample> = {
  headOrnament: (choice, look) => ({
    of: 'heading',
    words: heading(look),
    above: ORNAMENTS[choice]?.(look),
  }),
  headingCase: (choice, look) => ({
    of: 'heading',
    words: { ...heading(look), textTransform: CASES[choice] ?? 'none' },
  }),
  lineKind: (choice, look) => ({
    of: 'heading',
    words: heading(look),
    above: { ...RULED(look), borderTopStyle: choice as CSSProperties['borderTopStyle'] },
  }),
  buttonShape: (choice, look) => ({ of: 'button', words: { ...button(look), borderRadius: RADIUS[choice] } }),
  buttonStrong: (choice, look) => ({ of: 'button', words: { ...button(look), ...STRONG[choice]?.(look) } }),
  buttonFill: (choice, look) => ({ of: 'button', words: { ...button(look), ...PLAIN[choice]?.(look) } }),
  buttonCase: (choice, look) => ({
    of: 'button',
    words: { ...button(look), textTransform: CASES[choice] ?? 'none' },
  }),
  linkLine: (choice, look) => ({ of: 'link', words: { ...link(look), ...LINKS[choice] } }),
}

export const isSampled = (setting: string) => setting in SAMPLED

/** What a choice of a setting looks like, in a look whose other settings are read by their keys. */
export function sample(setting: string, choice: string, look: Read): Sample | undefined {
  return SAMPLED[setting]?.(choice, look)
}
