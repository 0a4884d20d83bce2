import {
  draggable,
  dropTargetForElements,
  monitorForElements,
} from '@atlaskit/pragmatic-drag-and-drop/element/adapter'
import type { Directive } from 'vue'

/** What happens as something is dragged. `end` comes last, wherever it was let go. */
export interface Drag {
  begin: () => void
  end?: () => void
}

/** What happens over something that takes what is dragged; `share` tells how far down it (0 to 1) the pointer stands. */
export interface Target {
  over?: (share: number) => void
  drop: (share: number) => void
}

/** A directive that holds for as long as its value is there, and always asks the value of now. */
function holding<V>(begin: (el: HTMLElement, now: () => V) => () => void): Directive<HTMLElement, V | null> {
  const held = new WeakMap<HTMLElement, { value: V | null; stop: (() => void) | null }>()
  function set(el: HTMLElement, value: V | null) {
    const at = held.get(el) ?? { value, stop: null }
    held.set(el, at)
    if (value) {
      at.value = value
      at.stop ??= begin(el, () => at.value!)
    } else {
      at.stop?.()
      at.stop = null
    }
  }
  return {
    mounted: (el, { value }) => set(el, value),
    updated: (el, { value }) => set(el, value),
    beforeUnmount: (el) => set(el, null),
  }
}

/** What is being dragged; its element may be gone before it is let go, scrolled out of a long list. */
let dragged: Drag | null = null
monitorForElements({
  onDrop: ({ location }) => {
    const drop = location.current.dropTargets[0]?.data.drop
    if (typeof drop === 'function') drop()
    dragged?.end?.()
    dragged = null
  },
})

/** May be dragged, as the browser drags things; not while its value is null. Keys move things by themselves. */
export const vDrag = holding<Drag>((element, now) =>
  draggable({
    element,
    onDragStart: () => {
      dragged = now()
      dragged.begin()
    },
  }),
)

/** Takes what is dragged; of those within each other the innermost. */
export const vOnto = holding<Target>((element, now) => {
  const share = ({ clientY }: { clientY: number }) => {
    const box = element.getBoundingClientRect()
    return (clientY - box.top) / box.height
  }
  return dropTargetForElements({
    element,
    // What is told while it is dragged comes with the next frame; letting go does not wait for it.
    getData: ({ input }) => ({
      drop: () => {
        now().over?.(share(input))
        now().drop(share(input))
      },
    }),
    onDrag: ({ location: { current } }) => {
      if (current.dropTargets[0]?.element === element) now().over?.(share(current.input))
    },
  })
})
