import { computed, ref, watch } from 'vue'
import type { GateTold, PageDetail } from '@/api/types'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { gateCommand, isWhole, type Wanted } from './gateCommand'
import { fromWords, meets, STRANGER, whoWords } from './gates'

/** What a page says itself. */
function ownOf(told?: GateTold): Wanted {
  return told?.source === 'PAGE'
    ? { who: told.who.toLowerCase(), groups: told.groups, hidden: told.hidden }
    : { who: '', groups: [], hidden: false }
}

/** Who may see a page, how far that reaches, and how it is said otherwise. */
export function useGate(detail: () => PageDetail | null | undefined) {
  const site = useSite()
  const gate = computed(() => detail()?.gate.told)
  const wanted = ref(ownOf())
  watch(gate, (told) => (wanted.value = ownOf(told)), { immediate: true })
  async function set(to: Wanted) {
    wanted.value = to
    const page = detail()?.id
    if (page && isWhole(to)) await site.give(gateCommand(page, to), page)
  }
  const inherits = computed(() => (detail()?.parent ? 'as above it' : 'as the site'))
  const reach = computed(() => {
    const { beneath = 0, otherwise = 0 } = detail()?.gate ?? {}
    if (!beneath) return ''
    const others = otherwise ? `; ${counted(otherwise, 'says', 'say')} otherwise` : ''
    return `Holds for ${counted(beneath, 'page')} beneath${others}. It moves with them.`
  })
  /** Whom it is for, in a word or two. */
  const words = computed(() => (gate.value ? whoWords(gate.value, site.catalog?.groups ?? []) : ''))
  const from = computed(() => (gate.value ? fromWords(gate.value) : ''))
  const closed = computed(() => meets(gate.value, STRANGER) !== 'opens')
  return { gate, wanted, set, inherits, reach, words, from, closed }
}
