/** A page of several that are made at once. */
export interface NamedPage {
  title: string
  /** Its search description, where one was written. */
  description?: string
}

/** A page on each line: its name; after a bar, or a tab, its search description. */
export function manyPages(text: string): NamedPage[] {
  return text
    .split('\n')
    .map((line) => {
      const [title = '', ...rest] = line.split(/\t|\|/)
      const description = rest.join(' ').trim()
      return { title: title.trim(), ...(description && { description }) }
    })
    .filter((p) => p.title)
}

/** One page, whatever stands in its name. */
export const onePage = (name: string): NamedPage[] => (name.trim() ? [{ title: name.trim() }] : [])
