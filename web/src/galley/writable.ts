const MOST_FRAMES = 30
const WRITABLE = 'textarea, input, [contenteditable=true], .picture'

/** The first place in a card or an element in which one writes, past the card's own name. */
export function firstWritable(within: Element): HTMLElement | undefined {
  return [...within.querySelectorAll<HTMLElement>(WRITABLE)].find((e) => !e.closest('header'))
}

/** The same once it is there: an editor that was far from the screen comes about when it is near. */
async function writableIn(within: Element): Promise<HTMLElement | null> {
  for (let frame = 0; frame < MOST_FRAMES; frame++) {
    const input = firstWritable(within)
    if (input) return input
    await new Promise(requestAnimationFrame)
  }
  return null
}

/**
 * Brings a card or an element into sight and the cursor into its first field; nothing where it has none. Whoever has gone on to
 * something else meanwhile stays there.
 */
export async function writeIn(within: Element): Promise<boolean> {
  within.scrollIntoView({ block: 'nearest' })
  const from = document.activeElement
  const input = await writableIn(within)
  const at = document.activeElement
  if (at !== from && at !== document.body) return true
  input?.focus({ preventScroll: true })
  return input !== null
}
