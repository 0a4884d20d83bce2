import { question } from '@/api/client'
import { computed } from 'vue'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'

/** The entries of the site’s kinds without pages, by name; asked for where they are wanted and there may be some. */
export function useEntries(wanted: () => boolean) {
  const site = useSite()
  const some = () => wanted() && (site.catalog?.kinds ?? []).some((k) => k.pageless)
  const { value } = useItem(() =>
    some() ? question('/api/sites/{site}/entries', { path: { site: site.id } }) : null,
  )
  const known = computed(() => !some() || value.value !== null)
  const all = computed(() => value.value ?? [])
  return { all, known, find: (id: string) => all.value.find((e) => e.id === id) }
}
