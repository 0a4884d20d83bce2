import type { Question } from '@/api/client'

/** What a proof shows now, asked for of the site that it is in. */
export type Markup = (site: string) => Question<{ html: string }>
