import { nodeOf } from '@/look/targets'
import { useEventListener } from '@vueuse/core'
import type { Ref } from 'vue'
import { hasSheet, isWriting, lettersAct } from '@/look/keys'
import type { Galley } from './useGalley'
import { writeIn } from './writable'

const intoWords = (card: HTMLElement | null | undefined) => card && void writeIn(card)

/**
 * The keys of the galley, while focus stands in it: I insert, D duplicate, Alt and arrows move, Delete remove, M marks; Enter goes
 * from a card into its words, Escape from its words to the card, and from the card away.
 *
 * @param root the galley, in which keys act
 */
export function useGalleyKeys(
  galley: Galley,
  root: Ref<HTMLElement | null>,
  marks: Ref<boolean>,
  leave: () => void,
) {
  const cardOf = (section: string | null) =>
    root.value?.querySelector<HTMLElement>(`.card[data-section="${section}"]`)
  const onSection: Record<string, (section: string) => unknown> = {
    d: (section) => galley.isOwn(section) && galley.copy(section),
    Delete: (section) => galley.remove(section),
    Enter: (section) => intoWords(cardOf(section)),
  }
  function step(event: KeyboardEvent) {
    const card = cardOf(galley.chosen.value)
    if (card?.contains(nodeOf(event.target)) && card !== event.target) card.focus({ preventScroll: true })
    else leave()
  }
  function onSheet(event: KeyboardEvent) {
    const section = galley.chosen.value
    const onCard = event.target === cardOf(section)
    const act = event.key === 'Enter' && !onCard ? undefined : onSection[event.key]
    if (event.key === 'i') galley.insertAfterChosen()
    else if (event.key === 'm') marks.value = !marks.value
    else if (section && act) void act(section)
    else return
    event.preventDefault()
  }

  useEventListener(root, 'keydown', (event: KeyboardEvent) => {
    if (hasSheet() || event.ctrlKey || event.metaKey) return
    const section = galley.chosen.value
    const by = event.altKey ? { ArrowUp: -1, ArrowDown: 1 }[event.key] : undefined
    if (section && by) {
      event.preventDefault()
      void galley.move(section, by)
    } else if (event.key === 'Escape') step(event)
    else if (!isWriting(event) && !event.altKey && lettersAct(event) && !galley.attended.value) onSheet(event)
  })
}
