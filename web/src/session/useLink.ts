import { onMounted, onUnmounted, ref } from 'vue'
import type { Outcome } from '@/api/client'
import { said } from '@/api/said'
import { useSession } from './useSession'

export interface Holder {
  email: string
  name: string
}

/** The token behind the number sign of a link, and whom it is for. It is taken out of the address bar at once. */
export function useLink(asks: ((token: string) => Promise<Outcome<Holder>>) | null) {
  const session = useSession()
  const token = location.hash.slice(1)
  const holder = ref<Holder | null>(null)
  /** Why the link is no good. */
  const dead = ref('')
  const trouble = ref('')
  const busy = ref(false)

  async function send<T>(sending: (token: string) => Promise<Outcome<T>>): Promise<T | null> {
    if (busy.value) return null
    busy.value = true
    trouble.value = ''
    const answer = await sending(token)
    busy.value = false
    if (answer.ok) return answer.value
    if (answer.problem.field === 'token') dead.value = said(answer.problem)
    else trouble.value = said(answer.problem)
    return null
  }

  /** Another link that is put into the same window: of its address only this part differs. */
  const anew = () => location.hash && location.reload()
  onUnmounted(() => removeEventListener('hashchange', anew))
  onMounted(async () => {
    addEventListener('hashchange', anew)
    history.replaceState(history.state, '', location.pathname)
    await session.load()
    if (asks) holder.value = await send(asks)
  })
  return { holder, dead, trouble, busy, send }
}
