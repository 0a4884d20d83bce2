import { computed, ref, type Ref } from 'vue'
import type { ReleaseEntry, Waiting, WaitingChange } from '@/api/types'

/** How much of a change is chosen. */
export type Share = 'all' | 'some' | 'none'

/** Which of what waits is chosen: all of it, but for what is left out and for what is set for a time already. */
export function useChosen(waiting: Ref<Waiting | null>) {
  const left = ref(new Set<string>())
  /** Items that are set for a time, and taken even so. */
  const took = ref(new Set<string>())
  const changes = computed(() => waiting.value?.changes ?? [])
  const isOn = (change: WaitingChange, item: string) =>
    change.setFor ? took.value.has(item) : !left.value.has(item)
  const items = computed(() =>
    changes.value.flatMap((c) => c.entries.map((e) => e.item).filter((item) => isOn(c, item))),
  )
  function share(change: WaitingChange): Share {
    const on = change.entries.filter((e) => isOn(change, e.item)).length
    return on === 0 ? 'none' : on === change.entries.length ? 'all' : 'some'
  }
  const count = computed(() => changes.value.filter((c) => share(c) !== 'none').length)

  function take(change: WaitingChange, entries: readonly ReleaseEntry[], on: boolean) {
    const set = change.setFor ? took : left
    const next = new Set(set.value)
    for (const { item } of entries) {
      if (on === Boolean(change.setFor)) next.add(item)
      else next.delete(item)
    }
    set.value = next
  }
  /** Chooses those that are meant, and no others. */
  function only(meant: (change: WaitingChange) => boolean) {
    const items = (of: WaitingChange[]) => of.flatMap((c) => c.entries.map((e) => e.item))
    left.value = new Set(items(changes.value.filter((c) => !c.setFor && !meant(c))))
    took.value = new Set(items(changes.value.filter((c) => c.setFor && meant(c))))
  }
  function anew() {
    left.value = new Set()
    took.value = new Set()
  }
  return { changes, items, count, share, isOn, take, only, anew }
}
