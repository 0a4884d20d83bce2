/** Where the describing of a page begins. */
export interface Start {
  parent: string | null
  after: string | null
  several: boolean
  kind: string | null
  template: string | null
}

/** A page, or several, as they are being described. */
export interface Form extends Omit<Start, 'kind' | 'template'> {
  kind: string
  template: string
  name: string
  names: string
  menus: string[]
  /** The pattern that it begins with, instead of what its template brings to the main zone. */
  begin: string
  searchTitle: string
  description: string
  /** The kind that its sections gather, and the field by which, where they ask; empty for the one that is proposed. */
  gathers: string
  byField: string
}

/** How long a title may be, in characters. */
export const LONGEST_TITLE = 200

export function blank(start: Start): Form {
  const empty = { name: '', names: '', menus: [], begin: '', searchTitle: '', description: '' }
  return {
    ...start,
    ...empty,
    gathers: '',
    byField: '',
    kind: start.kind ?? '',
    template: start.template ?? '',
  }
}
