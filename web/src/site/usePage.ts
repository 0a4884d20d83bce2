import { useSite } from './useSite'
import { question } from '@/api/client'
import { useDebounceFn } from '@vueuse/core'
import { computed, onBeforeUnmount, shallowRef, watch, type Ref } from 'vue'
import { useEdits } from '@/edit/useEdits'
import { useShown } from '@/edit/useShown'
import { useItem } from './useItem'
import { sectionsOf } from './sectionsOf'

const PAUSE_MS = 200
const LONGEST_MS = 1000

/** One page, the revision of each item that is written on it, and the HTML of its proof: after a step of one's own that is there first. */
export function usePage(id: Ref<string>) {
  const site = useSite()
  const edits = useEdits()
  const shown = useShown()
  const html = shallowRef('')
  let written = false
  const { value, problem, load } = useItem(
    () =>
      id.value
        ? question('/api/sites/{site}/pages/{id}/sheet', { path: { site: site.id, id: id.value } })
        : null,
    ({ page }) => [{ item: page.id, revision: page.revision }, ...sectionsOf(page)],
    isWritten,
    (newer) => (html.value = newer.html),
  )
  const pause = useDebounceFn(load, PAUSE_MS, { maxWait: LONGEST_MS })
  /** Words stand where they were written and in the proof: the rest of the page is asked for in a pause. */
  function isWritten() {
    if (!written) return false
    written = false
    void pause()
    return true
  }
  let mine: { page: string } | null = null
  watch(id, (page) => (shown.proof = mine = { page }), { immediate: true })
  onBeforeUnmount(() => {
    if (shown.proof === mine) shown.proof = null
  })
  watch(
    () => edits.proof,
    (proof) => {
      if (proof?.page !== id.value) return
      html.value = proof.html
      written = proof.written
    },
    { flush: 'sync' },
  )
  watch(value, (now) => (html.value = now?.html ?? ''), { flush: 'sync' })
  const page = computed(() => value.value?.page ?? null)
  return { page, html, problem, load }
}
