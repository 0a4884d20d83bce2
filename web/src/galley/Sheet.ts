import type { Markup } from '@/proof/markup'
import { question } from '@/api/client'
import type { PageDetail, PatternDetail, TemplateDetail } from '@/api/types'

/** What the galley is written on: a page, a template or a pattern. */
export interface Sheet extends Pick<
  PageDetail,
  'id' | 'zones' | 'everywhere' | 'shelf' | 'toFill' | 'address' | 'options'
> {
  sort: 'page' | 'template' | 'pattern'
  /** Where its proof is served, and where what visitors would get is asked for. */
  proof: { path: string; query: string; markup: Markup }
}

/** What only pages have. */
const SHAPE = { everywhere: [], shelf: [], toFill: [], address: '' }

export function pageSheet(page: PageDetail | null): Sheet | null {
  if (!page) return null
  const markup: Markup = (site) =>
    question('/api/sites/{site}/pages/{id}/markup', { path: { site, id: page.id }, query: { visitor: true } })
  const proof = { path: `page/${page.id}`, query: '', markup }
  return { ...page, sort: 'page', proof }
}

/** @param on the page on whose content it is looked at; empty for made-up content */
export function templateSheet(template: TemplateDetail | null, on: string): Sheet | null {
  if (!template) return null
  const { id, zones } = template
  const options = template.options.map((use) => use.field)
  const query = on ? `on=${on}` : ''
  const markup: Markup = (site) =>
    question('/api/sites/{site}/templates/{id}/markup', {
      path: { site, id },
      query: { visitor: true, on: on || undefined },
    })
  const proof = { path: `template/${id}`, query, markup }
  return { ...SHAPE, id, zones, options, sort: 'template', proof }
}

/** @param sample whether its places to fill are looked at with samples in them */
export function patternSheet(pattern: PatternDetail | null, sample: boolean): Sheet | null {
  if (!pattern) return null
  const { id, zones } = pattern
  const markup: Markup = (site) =>
    question('/api/sites/{site}/patterns/{id}/markup', {
      path: { site, id },
      query: { visitor: true, sample },
    })
  const proof = { path: `pattern/${id}`, query: sample ? 'sample=1' : '', markup }
  return { ...SHAPE, id, zones, options: [], sort: 'pattern', proof }
}
