import { defineStore } from 'pinia'
import { ref } from 'vue'
import { get, post, type Outcome } from '@/api/client'
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
    await post('/sign-out')
    person.value = null
    await get('/me')
  }

  return { person, asked, expired, load, signIn, signOut }
})
