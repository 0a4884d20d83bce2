import { ref } from 'vue'
import { useSession } from '@/session/useSession'

/** A pack that is dropped onto a screen from outside; anything else is left to the screen. */
export function useDroppedPack() {
  const session = useSession()
  const pack = ref<File | null>(null)

  function carries(event: DragEvent) {
    if (session.manager && event.dataTransfer?.types.includes('Files')) event.preventDefault()
  }
  function dropped(event: DragEvent) {
    const file = event.dataTransfer?.files[0]
    if (!session.manager || !file) return
    event.preventDefault()
    pack.value = file
  }
  return { pack, carries, dropped }
}
