/**
 * Keeps answers in the order in which they were asked for: one that was overtaken on the way is older than what is shown, and is not
 * shown. What a deed answers is newer than all that was asked for before it was done.
 */
export function inOrder() {
  let asked = 0
  let shown = 0
  return {
    /** Waits for an answer and shows it, unless something newer is shown. */
    async ask<T>(answer: Promise<T>, show: (value: T) => void): Promise<void> {
      const mine = ++asked
      const value = await answer
      if (mine < shown) return
      shown = mine
      show(value)
    },
    /** Shows what a deed has answered. */
    did(show: () => void) {
      shown = ++asked
      show()
    },
  }
}
