import { nextTick, ref, watch, type Ref } from 'vue'
import type ProofFrame from '@/proof/ProofFrame.vue'
import type { Block } from '@/proof/ProofPlace'
import { firstDifference } from './differing'

/** Above the place that is shown, in pixels of the proof. */
const ABOVE = 90

/** Proofs of one page laid side by side: they open at the place where they differ, and are scrolled together from there. */
export function useSideBySide(shown: Ref<string[]>) {
  const frames = new Map<string, InstanceType<typeof ProofFrame>>()
  const drawn = new Map<string, Block[]>()
  const differ = ref(false)
  /** Whether they are shown from their tops, though they begin to differ further down. */
  const fromTop = ref(false)
  let at = new Map<string, number>()

  const hold = (id: string) => (frame: unknown) => {
    if (frame) frames.set(id, frame as InstanceType<typeof ProofFrame>)
    else frames.delete(id)
  }
  const loaded = (id: string) => frames.get(id)?.send({ type: 'blocks' })
  function told(id: string, blocks: Block[]) {
    drawn.set(id, blocks)
    align()
  }
  function align() {
    const ids = shown.value
    if (!ids.every((id) => drawn.has(id))) return
    const tops = firstDifference(ids.map((id) => drawn.get(id)!))
    differ.value = tops.some((top) => top > 0)
    at = new Map(ids.map((id, i) => [id, fromTop.value ? 0 : Math.max(0, (tops[i] ?? 0) - ABOVE)]))
    ids.forEach((id) => scroll(id, at.get(id)!))
  }
  const scroll = (id: string, top: number) => frames.get(id)?.send({ type: 'scroll', top })
  function scrolled(from: string, top: number) {
    const by = top - (at.get(from) ?? 0)
    shown.value.filter((id) => id !== from).forEach((id) => scroll(id, (at.get(id) ?? 0) + by))
  }
  watch(shown, async (ids) => {
    for (const id of [...drawn.keys()]) if (!ids.includes(id)) drawn.delete(id)
    await nextTick()
    align()
  })
  watch(fromTop, align)
  return { hold, loaded, told, scrolled, differ, fromTop }
}
