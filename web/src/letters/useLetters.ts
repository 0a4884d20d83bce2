import { ref } from 'vue'
import { get } from '@/api/client'
import { said } from '@/api/said'
import type { LetterDetail, LettersTold } from '@/api/types'
import { useSite } from '@/site/useSite'
import { inOrder } from './inOrder'

/** The letters and lists of the site, and the letter at hand. */
export function useLetters(letter: () => string) {
  const site = useSite()
  const told = ref<LettersTold | null>(null)
  const detail = ref<LetterDetail | null>(null)
  const trouble = ref('')

  const lists = inOrder()
  const ones = inOrder()

  const load = () =>
    lists.ask(get('/api/sites/{site}/letters', { path: { site: site.id } }), (answer) => {
      if (answer.ok) told.value = answer.value
      else if (!told.value) trouble.value = said(answer.problem)
    })
  async function open() {
    const asked = letter()
    if (!asked) return void (detail.value = null)
    const path = { site: site.id, letter: asked }
    await ones.ask(get('/api/sites/{site}/letters/{letter}', { path }), (answer) => {
      if (asked !== letter()) return
      if (answer.ok) detail.value = answer.value
      else if (detail.value?.row.id !== asked) detail.value = null
    })
  }
  const both = () => Promise.all([load(), open()])
  /** What the server says of a letter after something was done with it. */
  const did = (now: LetterDetail) => ones.did(() => (detail.value = now))
  const left = (now: LettersTold) => lists.did(() => (told.value = now))
  return { told, detail, trouble, load, open, both, did, left }
}
export type Letters = ReturnType<typeof useLetters>
