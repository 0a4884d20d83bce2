import type { PlacedSection } from '@/api/types'
import { counted } from './counted'

type Reaching = Pick<PlacedSection, 'reach' | 'pages'> & { section?: PlacedSection['section'] }

const ON: Record<string, string> = { home: 'on the home page', others: 'on every page but the home page' }

const on = (own: Reaching) => String(own.section?.settings.onPages ?? '')
const STANDS: Record<string, string> = {
  within: 'in the footer',
  left: 'in the left column',
  right: 'in the right column',
}
const everywhere = (own: Reaching) =>
  [ON[on(own)] ?? 'on every page', STANDS[String(own.section?.settings.foot ?? '')]]
    .filter(Boolean)
    .join(' · ')

/** How far a section reaches, as its card says it: short, and as what writing in it does. */
export function reachOf(own: Reaching): { chip: string; warning: string; turn?: string } {
  const pages = counted(own.pages, 'page')
  switch (own.reach) {
    case 'SHARED':
      return {
        chip: `shared · ${pages}`,
        warning: `Shared: the same on ${pages}. What you write here changes ${own.pages > 1 ? 'all of them' : 'it there'}.`,
      }
    case 'TEMPLATE':
      return {
        chip: `fixed · ${pages}`,
        warning: `Fixed in the template. What you write here shows on ${own.pages === 1 ? 'the one page' : `all ${pages}`} wearing it.`,
        turn: 'On every page that wears the template. Change how far it goes',
      }
    case 'STARTER':
      return {
        chip: 'starter',
        warning: '',
        turn: 'Copied into new pages. Change how far it goes',
      }
    case 'EVERYWHERE':
      return {
        chip: everywhere(own),
        warning: ON[on(own)]
          ? `Shows ${ON[on(own)]}.`
          : `On every page. What you write here shows on all ${pages}.`,
      }
    case 'HERE':
    case 'PATTERN':
      return { chip: 'on this page', warning: '' }
  }
}

/** What a section of a template may be. */
export const OF_TEMPLATE = [
  { key: 'STARTER', name: 'A starter, copied into new pages' },
  { key: 'TEMPLATE', name: 'Fixed in the template' },
] as const

/** The reaches in the order in which they are offered, with what each is called. */
export const REACHES = [
  { key: 'HERE', name: 'On this page' },
  { key: 'SHARED', name: 'Shared between pages' },
  { key: 'TEMPLATE', name: 'Fixed in the template' },
  { key: 'EVERYWHERE', name: 'On every page' },
] as const
