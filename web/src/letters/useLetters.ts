import { ref } from 'vue'
import { get } from '@/api/client'
import { said } from '@/api/said'
import type { LetterDetail, LettersTold } from '@/api/types'
import { useSite } from '@/site/useSite'

/** The letters and lists of the site, and the letter at hand. */
export function useLetters(letter: () => string) {
  const site = useSite()
  const told = ref<LettersTold | null>(null)
  const detail = ref<LetterDetail | null>(null)
  const trouble = ref('')

  async function load() {
    const answer = await get('/api/sites/{site}/letters', { path: { site: site.id } })
    if (answer.ok) told.value = answer.value
    else if (!told.value) trouble.value = said(answer.problem)
  }
  async function open() {
    const asked = letter()
    if (!asked) return void (detail.value = null)
    const answer = await get('/api/sites/{site}/letters/{letter}', {
      path: { site: site.id, letter: asked },
    })
    if (asked !== letter()) return
    if (answer.ok) detail.value = answer.value
    else if (detail.value?.row.id !== asked) detail.value = null
  }
  const both = () => Promise.all([load(), open()])
  return { told, detail, trouble, load, open, both }
}
export type Letters = ReturnType<typeof useLetters>
