import type { ThemeDetail } from '@/api/types'
import { held } from '@/property/values'
import { counted } from '@/words/counted'

type Part = ThemeDetail['groups'][number]

/** The two or three settings by which a part is known, in words. */
const TOLD: Record<string, string[]> = {
  notice: [],
  header: ['headerShape', 'headerStays'],
  opening: ['openingShape', 'headShape'],
  band: ['bandTone', 'bandHeight'],
  lists: ['cardShape', 'listShape', 'factShape'],
  footer: ['footerShape', 'footerTone'],
  buttons: ['buttonShape', 'buttonStrong'],
  pictures: ['pictureCrop', 'pictureRadius'],
  spacing: ['spaceBase', 'pageWidth'],
  page: ['pageFrame', 'pageTexture', 'motion'],
  type: [],
  palette: [],
}

/** How a part stands now, in a line. */
export function summary(theme: ThemeDetail, part: Part): string {
  if (part.key === 'notice') {
    const notices = theme.identity.values.notices
    return Array.isArray(notices) && notices.length ? counted(notices.length, 'message') : 'no message'
  }
  return (TOLD[part.key] ?? [])
    .map((key) => part.settings.find((p) => p.key === key))
    .map((p) => {
      if (!p) return ''
      const value = held(p, theme.settings)
      return p.choices.length
        ? (p.choices.find((c) => c.value === value)?.label ?? '').toLowerCase()
        : `${String(value)} ${p.unit}`
    })
    .filter((words) => words && words !== 'none')
    .join(' · ')
}

/** On which pages a part shows, where that can be said. */
export function reach(theme: ThemeDetail, part: string): string {
  const at = theme.reaches[part]
  if (!at) return ''
  const [first, ...more] = at.without
  if (!first) return at.pages === theme.pages ? 'on every page' : `on ${counted(at.pages, 'page')}`
  const but = more.length ? `${first}’s and ${counted(more.length, 'other template')}` : `${first}’s`
  return `on ${counted(at.pages, 'page')}, not on ${but}`
}
