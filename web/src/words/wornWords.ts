import type { PageDetail } from '@/api/types'

/** Why a page wears its template. */
export function wornWords(page: Pick<PageDetail, 'wornBecause' | 'kindName'>): string {
  if (page.wornBecause === 'CHOSEN') return 'chosen here'
  return page.wornBecause === 'KIND' ? `as its kind says (${page.kindName})` : 'as fallback'
}
