/** A place in a proof: a section, an element in it, and the property whose words stand there, if they can be written. */
export interface ProofPlace {
  section: string
  element: string | null
  key?: string
  /** Where it was pointed at, in pixels of the proof. */
  x?: number
  y?: number
}

/** A part of a proof as it is drawn: what it is, the beginning of its words, and where it stands, in pixels of the proof. */
export interface Block {
  sort: string
  words: string
  top: number
  left: number
  width: number
}
