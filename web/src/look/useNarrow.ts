import { useMediaQuery } from '@vueuse/core'

/** Whether there is room for one thing at a time only: a phone, or a window at 200 %. `narrow.css` says the same in styles. */
export const useNarrow = () => useMediaQuery('(max-width: 820px)')
