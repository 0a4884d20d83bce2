import { LANGUAGES } from '@/words/languages'

/** The host name that a site's name proposes, for now. */
export function proposedHost(name: string): string {
  const plain = name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60)
    .replace(/-+$/, '')
  return plain ? `${plain}.localhost` : ''
}

/** The time zone of this computer, and all others there are. */
export const hereZone = () => Intl.DateTimeFormat().resolvedOptions().timeZone || 'Europe/London'
export function allZones(): string[] {
  const known = Intl.supportedValuesOf('timeZone')
  const here = hereZone()
  return known.includes(here) ? known : [here, ...known]
}

/** What is asked of a site that is to be made. */
export interface AskedSite {
  siteName: string
  siteHost: string
  language: string
  timeZone: string
}

/** What a further site is made of. */
export interface NewSource {
  beginWith: string
  from?: string
  withContent?: boolean
}

export const blankSite = (): AskedSite => ({
  siteName: '',
  siteHost: '',
  language: LANGUAGES.some((l) => l.value === navigator.language) ? navigator.language : 'en',
  timeZone: hereZone(),
})
