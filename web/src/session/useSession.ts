import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { get, isAsEditor, post, setAsEditor, type Outcome } from '@/api/client'
import type { Me, SignedIn, SiteStanding } from '@/api/types'

/** Signing in, in one step or two: `entered` is done once somebody is in. */
function makeSigningIn(entered: () => Promise<void>) {
  /** The answer says whether a code is wanted yet. */
  async function signIn(email: string, password: string): Promise<Outcome<SignedIn>> {
    await get('/api/me')
    const answer = await post('/api/sign-in', {}, { email, password })
    if (answer.ok && !answer.value.secondStep) await entered()
    return answer
  }

  async function secondStep(code: string): Promise<Outcome<SignedIn>> {
    const answer = await post('/api/sign-in/second', {}, { code })
    if (answer.ok) await entered()
    return answer
  }
  return { signIn, secondStep }
}

/** Who is signed in. */
export const useSession = defineStore('session', () => {
  const person = ref<Me | null>(null)
  /** What they may do in the site that this window shows. */
  const role = ref<SiteStanding['role'] | null>(null)
  const expired = ref(false)

  async function load() {
    const answer = await get('/api/me')
    person.value = answer.ok ? answer.value : null
  }

  /** Takes who is signed in from the server: after signing in, in whatever way. */
  async function entered() {
    await load()
    expired.value = false
  }

  async function signOut() {
    setAsEditor(false)
    asEditor.value = false
    await post('/api/sign-out', {})
    // Before the door shows: its token must not change under the hands of whoever signs in at once.
    await get('/api/me')
    person.value = null
  }

  const asEditor = ref(isAsEditor())
  const mayAll = computed(() => role.value === 'MANAGER')
  /** Whether everything may be changed here, in this window. */
  const manager = computed(() => mayAll.value && !asEditor.value)

  /** Shows this window as an editor has it, or as a manager's again; everything is asked for anew. */
  function seeAsEditor(is: boolean) {
    setAsEditor(is)
    location.reload()
  }

  const state = { person, role, expired, asEditor, mayAll, manager }
  return { ...state, ...makeSigningIn(entered), seeAsEditor, load, entered, signOut }
})
