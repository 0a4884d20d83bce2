import { useTimeoutFn } from '@vueuse/core'
import { ref, watch } from 'vue'
import { working } from '@/api/working'

const SHOWN_MS = 500
const LONG_MS = 4000

/** Whether work is to be seen: after half a second; and whether it takes long. */
export function useWorking() {
  const slow = ref(false)
  const long = ref(false)
  const soon = useTimeoutFn(() => (slow.value = true), SHOWN_MS, { immediate: false })
  const later = useTimeoutFn(() => (long.value = true), LONG_MS, { immediate: false })
  watch(
    () => working.value > 0,
    (works) => {
      soon.stop()
      later.stop()
      slow.value = long.value = false
      if (works) [soon, later].forEach((t) => t.start())
    },
    { immediate: true, flush: 'sync' },
  )
  return { slow, long }
}
