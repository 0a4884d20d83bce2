import type { ThemeDetail } from '@/api/types'
import type { Entry } from './entry'

/** Words by which people look for what a part sets. */
const ALSO: Record<string, string> = {
  notice: 'announcement banner bar alert message',
  header: 'logo masthead top navigation button cta sticky',
  opening: 'hero banner splash',
  band: 'page title breadcrumb heading',
  palette: 'colour color dark mode contrast',
  type: 'font typeface size weight letters underline',
  lists: 'grid tile box',
  buttons: 'hover corner cta',
  pictures: 'image photo caption border frame ratio',
  spacing: 'margin padding gap width',
  page: 'background texture border animation line separator boxed',
  footer: 'bottom copyright',
}

/** The same for one setting, beyond what its part and its choices say. */
const ALSO_ONE: Record<string, string> = {
  byNight: 'night scheme prefers',
  nightSwitch: 'toggle mode theme switcher',
  colourHighlight: 'selection marker',
  toneFirst: 'custom colour scheme section background',
  headingFile: 'upload woff2 custom web font',
  bodyFile: 'upload woff2 custom web font',
  labelFile: 'upload woff2 custom web font',
  headingLeaning: 'upload woff2',
  bodyLeaning: 'upload woff2',
  labelLeaning: 'upload woff2',
  levels: 'h2 h3 h4',
  headerStays: 'fixed',
  menuBeneath: 'dropdown submenu flyout',
  icon: 'favicon app',
  bandBack: 'gradient image',
  bandPicture: 'background image',
  bandPerson: 'author byline',
  pagePicture: 'background image pattern upload',
  pageTexture: 'pattern',
  motion: 'transition effects',
  linkLine: 'underline',
}

const OF_SITE: [name: string, also: string][] = [
  ['Name of the site', 'title logo called'],
  ['Language', 'locale'],
  ['Time zone', 'clock dates'],
  ['Host names', 'domain address dns certificate'],
  ['Who is behind the site', 'organisation contact address telephone e-mail'],
  ['At the top of the plan', 'placement rules kinds beneath'],
  ['Retire this site', 'delete remove close'],
]

/** The site's own settings and the theme's, each where it is set. */
export function settings(theme: ThemeDetail['groups'], manager: boolean): Entry[] {
  const ofTheme = theme.flatMap((g) =>
    g.settings.map((p) => ({
      id: `theme-${p.key}`,
      group: 'Settings' as const,
      name: p.label,
      locator: `Theme, ${g.label.toLowerCase()}`,
      also: [ALSO[g.key], ALSO_ONE[p.key], ...p.choices.map((c) => c.label)].join(' '),
      to: { name: 'theme', query: { at: g.key, set: p.key } },
    })),
  )
  if (!manager) return ofTheme
  const ofSite = OF_SITE.map(([name, also]) => ({
    id: `site-${name}`,
    group: 'Settings' as const,
    name,
    locator: 'Site settings',
    also,
    to: { name: 'settings' },
  }))
  return [...ofTheme, ...ofSite]
}
