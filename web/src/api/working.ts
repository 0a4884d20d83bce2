import { readonly, ref } from 'vue'

const count = ref(0)

/** How many things are under way that somebody waits for: questions to the server, screens that are fetched. */
export const working = readonly(count)

/** Something is under way from now on, until what is given back is called. */
export function begin(): () => void {
  let ended = false
  count.value++
  return () => {
    if (!ended) count.value--
    ended = true
  }
}
