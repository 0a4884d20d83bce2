import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { get, isAsEditor, post, setAsEditor, type Outcome } from '@/api/client'
import type { Person } from '@/api/types'

/** Who is signed in. `asked` is false until the server has said so once. */
export const useSession = defineStore('session', () => {
  const person = ref<Person | null>(null)
  const asked = ref(false)
  const expired = ref(false)

  async function load() {
    const answer = await get<Person | null>('/me')
    person.value = answer.ok ? answer.value : null
    asked.value = true
  }

  async function signIn(email: string, password: string): Promise<Outcome<Person>> {
    await get('/me')
    const answer = await post<Person>('/sign-in', { email, password })
    if (answer.ok) {
      person.value = answer.value
      expired.value = false
      await get('/me')
    }
    return answer
  }

  async function signOut() {
    setAsEditor(false)
    asEditor.value = false
    await post('/sign-out')
    person.value = null
    await get('/me')
  }

  const asEditor = ref(isAsEditor())
  const mayAll = computed(() => person.value?.role === 'MANAGER')
  /** Whether everything may be changed here, in this window. */
  const manager = computed(() => mayAll.value && !asEditor.value)

  /** Shows this window as an editor has it, or as a manager's again; everything is asked for anew. */
  function seeAsEditor(is: boolean) {
    setAsEditor(is)
    location.reload()
  }

  return { manager, mayAll, asEditor, seeAsEditor, person, asked, expired, load, signIn, signOut }
})
