import { useEventListener } from '@vueuse/core'
import { isWriting, lettersAct } from '@/look/keys'
import { useTurning } from '@/site/useTurning'

/** Keys that work on every screen: Ctrl K, Ctrl Z, Ctrl Shift Z, ?. */
export function useGlobalKeys(to: { find: () => void; help: () => void }) {
  const { turn } = useTurning()
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    const ctrl = event.ctrlKey || event.metaKey
    const key = event.key.toLowerCase()
    if (ctrl && key === 'k') {
      event.preventDefault()
      to.find()
    } else if (ctrl && key === 'z' && !isWriting(event)) {
      event.preventDefault()
      void turn(event.shiftKey ? 'redo' : 'undo')
    } else if (key === '?' && !isWriting(event) && lettersAct(event)) {
      event.preventDefault()
      to.help()
    }
  })
}
