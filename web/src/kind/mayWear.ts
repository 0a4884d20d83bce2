import type { KindInfo } from '@/api/types'

/** Whether pages of a kind may wear a template. */
export const mayWear = (kind: KindInfo, template: string) =>
  kind.wearsAny || kind.templates.includes(template)
