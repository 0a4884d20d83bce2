/** Where an item can be had as a pack, or the whole site. */
export function packHref(site: string, item?: string, entries = false) {
  const asked = new URLSearchParams()
  if (item) asked.set('item', item)
  if (entries) asked.set('entries', 'true')
  return `/api/sites/${site}/pack?${asked}`
}
