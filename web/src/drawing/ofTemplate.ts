import type { TemplateInfo } from '@/api/types'

/** What a template is drawn of: a page that wears it, else itself with samples in its places to fill. */
export const drawnOf = (t: Pick<TemplateInfo, 'id' | 'shown'>) =>
  t.shown ? `page/${t.shown}?in=${t.id}` : `template/${t.id}?sample=1`
