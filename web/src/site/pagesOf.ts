/** What the pages of a kind are called: "Article pages", "Standard pages". */
export function pagesOf(name: string | undefined): string {
  return `${(name ?? 'such').replace(/ page$/i, '')} pages`
}
