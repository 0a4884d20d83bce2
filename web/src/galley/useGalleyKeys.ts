import { useEventListener } from '@vueuse/core'
import type { Ref } from 'vue'
import { hasSheet, isWriting } from '@/site/useGlobalKeys'
import type { Galley } from './useGalley'

/** The keys of the galley: I insert, D duplicate, Alt and arrows move, Delete remove, M marks, Escape leaves. */
export function useGalleyKeys(galley: Galley, marks: Ref<boolean>, leave: () => void) {
  const onSection: Record<string, (section: string) => void> = {
    d: (section) => {
      if (galley.isOwn(section)) void galley.copy(section)
    },
    Delete: (section) => {
      if (galley.place(section)) void galley.give({ verb: 'remove-section', item: galley.id(), section })
    },
  }

  function onSheet(event: KeyboardEvent) {
    if (event.key === 'i') {
      event.preventDefault()
      galley.insertAfterChosen()
    } else if (event.key === 'm') marks.value = !marks.value
    else if (event.key === 'Escape') leave()
    else if (galley.chosen.value) onSection[event.key]?.(galley.chosen.value)
  }

  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (hasSheet() || event.ctrlKey || event.metaKey) return
    const section = galley.chosen.value
    const by = event.altKey ? { ArrowUp: -1, ArrowDown: 1 }[event.key] : undefined
    if (section && by) {
      event.preventDefault()
      void galley.move(section, by)
    } else if (!isWriting(event) && !event.altKey) onSheet(event)
  })
}
