import type { KindInfo } from '@/api/types'

/** Whether pages of a kind may wear a template: one that names none may wear all. */
export const mayWear = (kind: KindInfo, template: string) =>
  kind.templates.length === 0 || kind.templates.includes(template)
