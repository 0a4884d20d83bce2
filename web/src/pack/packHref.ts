/** Where an item can be had as a pack, or pages and none but those; the whole site where neither is named. */
export function packHref(site: string, what: { item?: string; page?: string[]; entries?: boolean } = {}) {
  const asked = new URLSearchParams()
  if (what.item) asked.set('item', what.item)
  if (what.entries) asked.set('entries', 'true')
  what.page?.forEach((page) => asked.append('page', page))
  return `/api/sites/${site}/pack?${asked}`
}
