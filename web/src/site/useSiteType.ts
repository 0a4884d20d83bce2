import { computed } from 'vue'
import { useSite } from './useSite'

/** The site's own type, for writing in it. */
export function useSiteType() {
  const site = useSite()
  return computed(() => ({
    '--site-heading': `var(--f-${site.catalog?.type.headingFont}, serif)`,
    '--site-body': `var(--f-${site.catalog?.type.bodyFont}, serif)`,
  }))
}
