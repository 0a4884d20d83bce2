import type { PageDetail, TemplateDetail } from '@/api/types'

/** What the galley is written on: a page, or a template. */
export interface Sheet extends Pick<
  PageDetail,
  'id' | 'zones' | 'everywhere' | 'shelf' | 'toFill' | 'address' | 'options'
> {
  sort: 'page' | 'template'
  /** Where its proof is served, and where what visitors would get is asked for. */
  proof: { path: string; query: string; markup: string }
}

export function pageSheet(page: PageDetail | null): Sheet | null {
  if (!page) return null
  const proof = { path: `page/${page.id}`, query: '', markup: `pages/${page.id}/markup?visitor=true` }
  return { ...page, sort: 'page', proof }
}

/** @param on the page on whose content it is looked at; empty for made-up content */
export function templateSheet(template: TemplateDetail | null, on: string): Sheet | null {
  if (!template) return null
  const { id, zones } = template
  const options = template.options.map((use) => use.field)
  const query = on ? `on=${on}` : ''
  const markup = `templates/${id}/markup?visitor=true&${query}`
  const proof = { path: `template/${id}`, query, markup }
  return { id, zones, options, everywhere: [], shelf: [], toFill: [], address: '', sort: 'template', proof }
}
