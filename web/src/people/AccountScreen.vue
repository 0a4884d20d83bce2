<script setup lang="ts">
import { onMounted, reactive, ref } from 'vue'
import SecondStepSheet from './SecondStepSheet.vue'
import { get, post, type Problem, type Outcome } from '@/api/client'
import { said } from '@/api/said'
import type { MyAccount } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import NewPasswordInput from '@/session/NewPasswordInput.vue'
import { useSession } from '@/session/useSession'
import { whenWords } from '@/words/whenWords'

/** One's own account: name, address, password, second step, sessions. */
const session = useSession()
const notices = useNotices()
const account = ref<MyAccount | null>(null)
const typed = reactive({ name: '', email: '', present: '', password: '' })
const problem = ref<(Problem & { of: string }) | null>(null)
const step = ref<'' | 'begin' | 'end'>('')

async function load() {
  const answer = await get('/api/my')
  if (!answer.ok) return notices.refuse(answer.problem)
  account.value = answer.value
  typed.name = answer.value.name
  typed.email = answer.value.email
}
onMounted(load)

async function give(of: string, asking: Promise<Outcome<unknown>>, done: string) {
  const answer = await asking
  problem.value = answer.ok ? null : { ...answer.problem, of }
  if (!answer.ok) return
  notices.tell(done)
  await Promise.all([load(), session.load()])
}
const rename = () => give('name', post('/api/my/name', {}, { name: typed.name }), 'Your name is changed.')
const move = () =>
  give(
    'address',
    post('/api/my/address', {}, { email: typed.email }),
    `A letter is on its way to ${typed.email}. Its link changes your address; until then this one stays.`,
  )
async function setPassword() {
  await give(
    'password',
    post('/api/my/password', {}, { present: typed.present, password: typed.password }),
    'Your password is changed; your other sessions have ended.',
  )
  if (!problem.value) typed.present = typed.password = ''
}
const endOthers = () =>
  give('sessions/end-others', post('/api/my/sessions/end-others', {}), 'Your other sessions have ended.')
const at = (of: string) => (problem.value?.of === of ? said(problem.value) : '')

async function stepped() {
  step.value = ''
  await Promise.all([load(), session.load()])
}
</script>

<template>
  <div v-if="account" class="account">
    <h1>My account</h1>
    <div v-if="session.person?.lacksSecondStep" class="note-box gap" role="status">
      Everybody here signs in with a second step. Set yours up below; then everything else is open to you.
    </div>
    <form @submit.prevent="rename">
      <h2>Name</h2>
      <div class="row-flex">
        <v-text-field v-model="typed.name" aria-label="Name" autocomplete="name" />
        <v-btn type="submit" :disabled="typed.name === account.name">Change it</v-btn>
      </div>
      <p v-if="at('name')" class="must" role="alert">{{ at('name') }}</p>
    </form>
    <form @submit.prevent="move">
      <h2>E-mail</h2>
      <div class="row-flex">
        <v-text-field v-model="typed.email" aria-label="E-mail" type="email" autocomplete="email" />
        <v-btn type="submit" :disabled="typed.email === account.email">Change it…</v-btn>
      </div>
      <p class="quiet">
        {{
          account.mail
            ? 'A letter goes to the new address; its link confirms it.'
            : 'No mail is set up here, so an address can’t be changed for now.'
        }}
      </p>
      <p v-if="at('address')" class="must" role="alert">{{ at('address') }}</p>
    </form>
    <form @submit.prevent="setPassword">
      <h2>Password</h2>
      <label class="label" for="present">The present one</label>
      <v-text-field id="present" v-model="typed.present" type="password" autocomplete="current-password" />
      <NewPasswordInput v-model="typed.password" label="The new one" class="gap" />
      <p v-if="at('password')" class="must" role="alert">{{ at('password') }}</p>
      <v-btn type="submit" class="gap" :disabled="!typed.present || !typed.password">Change it</v-btn>
    </form>
    <section>
      <h2>Second step</h2>
      <div class="row-flex">
        <p class="grow">
          {{
            account.secondStep
              ? `On: a code is asked for at sign-in. ${account.codesLeft} of 10 recovery codes are left.`
              : 'Off: your password alone lets in.'
          }}
        </p>
        <v-btn v-if="account.secondStep" @click="step = 'end'">Take it away…</v-btn>
        <v-btn v-else class="yes" @click="step = 'begin'">Set it up…</v-btn>
      </div>
    </section>
    <section>
      <h2>Where you are signed in</h2>
      <table>
        <thead class="unseen">
          <tr>
            <th scope="col">Device</th>
            <th scope="col">Signed in</th>
            <th scope="col">Last used</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(s, i) in account.sessions" :key="i">
            <td>{{ s.device }} <b v-if="s.mine"> · this one</b></td>
            <td class="quiet">since {{ whenWords(s.begun) }}</td>
            <td class="quiet seen">last used {{ whenWords(s.lastUsed) }}</td>
          </tr>
        </tbody>
      </table>
      <v-btn v-if="account.sessions.length > 1" class="gap" @click="endOthers">Sign out the others</v-btn>
    </section>
    <SecondStepSheet v-if="step" :ends="step === 'end'" @done="stepped" @close="step = ''" />
  </div>
</template>

<style scoped>
.account {
  max-width: 620px;
  margin: 0 auto;
  padding: 28px 24px 60px;
}
h2 {
  margin: 26px 0 6px;
}
table {
  width: 100%;
  border-collapse: collapse;
}
td {
  border-bottom: 1px solid var(--line2);
  padding: 9px 12px 9px 0;
}
.seen {
  text-align: right;
  padding-right: 0;
}
</style>
