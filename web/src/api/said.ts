import type { Problem } from './client'

/** What is wrong and the way out, in one line. */
export const said = ({ detail, fix }: Problem) => `${detail} ${fix}`
