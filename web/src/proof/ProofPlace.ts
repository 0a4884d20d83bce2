/** A place in a proof: a section, an element in it, and the property whose words stand there, if they can be written. */
export interface ProofPlace {
  section: string
  element: string | null
  key?: string
  /** Where it was pointed at, in pixels of the proof. */
  x?: number
  y?: number
}
