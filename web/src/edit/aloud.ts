import { readonly, ref } from 'vue'

const words = ref('')

/** What was said last to those who hear the screen; `SiteFrame` holds the line that says it. */
export const saidAloud = readonly(words)

/** Says what an act has come to, where only the eye would tell. The same words twice are said twice. */
export function aloud(says: string) {
  words.value = words.value === says ? `${says}\u00a0` : says
}
