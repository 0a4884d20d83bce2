import type { Directive } from 'vue'
import type { Drag, Target } from '@/look/dragging'

/** Stands for `@/look/dragging` where there is no browser that drags: what was bound is remembered, and told by hand. */
function remembering<V>() {
  const bound = new WeakMap<Element, V | null>()
  const remember = (el: Element, { value }: { value: V | null }) => void bound.set(el, value)
  const directive: Directive<HTMLElement, V | null> = { mounted: remember, updated: remember }
  return { bound, directive }
}
const drags = remembering<Drag>()
const targets = remembering<Target>()
export const vDrag = drags.directive
export const vOnto = targets.directive

/** Whether something may be dragged now. */
export const isDragged = ({ element }: { element: Element }) => !!drags.bound.get(element)

/** Drags one thing onto another, and lets it go at its top. */
export function drag(from: { element: Element }, onto: { element: Element }) {
  const held = drags.bound.get(from.element)
  const target = targets.bound.get(onto.element)
  held?.begin()
  target?.over?.(0)
  if (held) target?.drop(0)
  held?.end?.()
}
