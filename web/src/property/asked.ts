import type { Property, Value } from '@/api/types'

/** What every input of a declared property is told. */
export interface Asked {
  property: Property
  value: Value | undefined
  /** Without a label, for writing in place. */
  plain?: boolean
  /** What it is called for those who don't see it, where the property's own label does not tell enough. */
  name?: string
  /** The width of the column it stands in, in pixels, and the shape chosen beside it: for pictures. */
  room?: number
  shape?: string
}

/** What every input of a declared property tells. */
export interface Told {
  change: [value: Value | undefined]
  leave: []
  /** Why what is written does not fit; nothing once it does. */
  trouble: [why: string]
}
