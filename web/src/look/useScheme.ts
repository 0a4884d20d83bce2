import { useLocalStorage } from '@vueuse/core'
import { watch } from 'vue'
import { useTheme } from 'vuetify'
import type { Scheme } from './colours'

export type SchemeChoice = 'system' | Scheme

/** Whether the workshop is light or dark: as the machine is, or as was chosen in this browser. */
export function useScheme() {
  const theme = useTheme()
  const chosen = useLocalStorage<SchemeChoice>('venue-scheme', 'system')
  watch(chosen, (scheme) => theme.change(scheme), { immediate: true })
  return chosen
}
