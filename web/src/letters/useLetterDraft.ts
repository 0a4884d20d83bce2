import { useDebounceFn, useEventListener } from '@vueuse/core'
import { reactive, ref, watch } from 'vue'
import { post } from '@/api/client'
import { said } from '@/api/said'
import type { LetterDetail, LetterWording } from '@/api/types'
import { useSite } from '@/site/useSite'

const SOON_MS = 400

/** A letter as it is written: kept a moment after each change, and before anything is done with it. */
export function useLetterDraft(detail: () => LetterDetail, told: (detail: LetterDetail) => void) {
  const site = useSite()
  const at = { path: { site: site.id, letter: detail().row.id } }
  const wording = reactive<LetterWording>({ ...detail().wording })
  const trouble = ref('')
  let seen = detail().changed
  let kept = JSON.stringify(wording)
  let keeping: Promise<boolean> = Promise.resolve(true)

  async function written(): Promise<boolean> {
    const now = JSON.stringify(wording)
    if (now === kept) return !trouble.value
    const answer = await post('/api/sites/{site}/letters/{letter}', at, { wording: { ...wording }, seen })
    trouble.value = answer.ok ? '' : said(answer.problem)
    if (!answer.ok) return false
    kept = now
    seen = answer.value.changed
    told(answer.value)
    return true
  }
  /** One after the other, so that none overtakes another. */
  const keep = () => (keeping = keeping.then(written, written))
  const soon = useDebounceFn(keep, SOON_MS)
  watch(wording, () => void soon())
  // What somebody else wrote meanwhile shows where nothing is written here.
  watch(detail, (other) => {
    if (JSON.stringify(wording) !== kept || other.changed === seen) return
    seen = other.changed
    Object.assign(wording, { listing: undefined, since: undefined }, other.wording)
    kept = JSON.stringify(wording)
  })
  useEventListener(window, 'beforeunload', () => void keep())
  return { wording, trouble, keep }
}
