import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'

/** What this window knows of a site and shows of it: told with each command, so that the answer brings what differs. */
export const useShown = defineStore('shown', () => {
  const site = ref('')
  const step = ref(-1)
  /** The page whose proof is seen; another object for whoever shows it, even where that is the same page. */
  const proof = shallowRef<{ page: string } | null>(null)

  const known = (of: string) => ({
    since: of === site.value ? step.value : undefined,
    showing: proof.value?.page,
  })
  return { site, step, proof, known }
})
