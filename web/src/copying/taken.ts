import { optionKey } from '@/property/optionKey'
import type { PageDetail, Property, Value } from '@/api/types'
import { counted } from '@/words/counted'

export type Part = 'template' | 'options' | 'settings' | 'theme' | 'sections'
export interface Taken {
  key: Part
  name: string
  /** What would be taken; nothing where it is the same on both. */
  says: string
}

const OWN = ['WORDS', 'LINES']
const same = (a: unknown, b: unknown) => JSON.stringify(a ?? null) === JSON.stringify(b ?? null)

/** One value as people read it. */
export function told(property: Property, value: Value | undefined): string {
  const now = value ?? property.fallback
  if (now === undefined || now === null || now === '') return 'not set'
  if (typeof now === 'boolean') return now ? 'yes' : 'no'
  if (Array.isArray(now)) return counted(now.length, 'entry', 'entries')
  return (
    property.choices.find((c) => c.value === now)?.label ??
    (property.type === 'PICTURE' ? 'a picture' : String(now))
  )
}
const differing = (
  properties: Property[],
  key: (p: Property) => string,
  page: PageDetail,
  from: PageDetail,
) =>
  properties
    .filter((p) => !same(page.settings[key(p)], from.settings[key(p)]))
    .map((p) => `${p.label}: ${told(p, from.settings[key(p)])}`)
    .join(' · ')

/** How many settings of the look would be otherwise than now. */
function apart(page: PageDetail, from: PageDetail): string {
  const keys = [...new Set([...Object.keys(page.settings), ...Object.keys(from.settings)])].filter(
    (key) => key.startsWith('theme.') && !same(page.settings[key], from.settings[key]),
  )
  return keys.length ? counted(keys.length, 'setting of the look', 'settings of the look') : ''
}

/** What a page would take of another, part by part. */
export function taken(
  page: PageDetail,
  from: PageDetail,
  settings: Property[],
  template: (id: string) => string,
): Taken[] {
  const names = from.zones.flatMap((z) => z.sections.map((s) => s.section.name))
  return [
    {
      key: 'template',
      name: 'Template',
      says: page.template === from.template ? '' : template(from.template),
    },
    {
      key: 'options',
      name: 'Answers to the template’s options',
      says: differing(from.options, (p) => optionKey(p.key), page, from),
    },
    {
      key: 'settings',
      name: 'Settings',
      says: differing(
        settings.filter((p) => !OWN.includes(String(p.type))),
        (p) => p.key,
        page,
        from,
      ),
    },
    { key: 'theme', name: 'Where it differs from the theme', says: apart(page, from) },
    { key: 'sections', name: 'Sections', says: names.join(' · ') },
  ]
}
