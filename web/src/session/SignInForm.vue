<script setup lang="ts">
import { ref } from 'vue'
import DoorSheet from './DoorSheet.vue'
import { useSession } from './useSession'
import { post, type Outcome } from '@/api/client'
import { said } from '@/api/said'

const props = defineProps<{ again?: boolean }>()
const emit = defineEmits<{ done: [] }>()
const session = useSession()
const email = ref(session.person?.email ?? '')
const password = ref('')
const seen = ref(false)
const code = ref('')
const step = ref<'password' | 'code' | 'forgotten' | 'sent'>('password')
const trouble = ref('')
const busy = ref(false)
/** Whether the answer takes so long that there have been wrong tries before this one. */
const slow = ref(false)
const SLOW_MS = 1500

async function ask<T>(question: () => Promise<Outcome<T>>): Promise<T | null> {
  if (busy.value) return null
  busy.value = true
  trouble.value = ''
  const waits = setTimeout(() => (slow.value = true), SLOW_MS)
  const answer = await question()
  clearTimeout(waits)
  busy.value = slow.value = false
  if (answer.ok) return answer.value
  trouble.value = said(answer.problem)
  if (answer.problem.code === 'first-step-first') step.value = 'password'
  return null
}

async function submit() {
  const signed = await ask(() =>
    step.value === 'code' ? session.secondStep(code.value) : session.signIn(email.value, password.value),
  )
  if (signed?.secondStep) step.value = 'code'
  else if (signed) emit('done')
}

async function forgotten() {
  const asked = await ask(async () => {
    await session.load()
    return post('/api/password/forgotten', {}, { email: email.value }).then((answer) =>
      answer.ok ? { ok: true as const, value: {} } : answer,
    )
  })
  if (asked) step.value = 'sent'
}
</script>

<template>
  <DoorSheet v-if="step === 'sent'" title="Look into your mail">
    <p role="status">
      If {{ email }} belongs to somebody here, a letter is on its way. Its link is good for two hours.
    </p>
    <v-btn @click="step = 'password'">Back to signing in</v-btn>
  </DoorSheet>
  <DoorSheet
    v-else-if="step === 'forgotten'"
    title="A new password"
    note="You get a letter with a link, and choose one there."
    @submit="forgotten"
  >
    <label class="label" for="email">E-mail</label>
    <v-text-field id="email" v-model="email" v-focus type="email" autocomplete="username" />
    <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
    <div class="row-flex">
      <v-btn type="submit" class="yes" :disabled="busy">Send the letter</v-btn>
      <v-btn @click="step = 'password'">Back</v-btn>
    </div>
  </DoorSheet>
  <DoorSheet
    v-else-if="step === 'code'"
    title="The second step"
    note="Type the six digits that your authenticator app shows, or one of your recovery codes."
    @submit="submit"
  >
    <label class="label" for="code">Code</label>
    <v-text-field id="code" v-model="code" v-focus inputmode="numeric" autocomplete="one-time-code" />
    <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
    <v-btn type="submit" class="yes" :disabled="busy">{{ busy ? 'Signing in…' : 'Sign in' }}</v-btn>
  </DoorSheet>
  <DoorSheet
    v-else
    :title="props.again ? 'Sign in again' : 'Venue'"
    :note="
      props.again
        ? 'You were signed out meanwhile. What you wrote is kept, and sent as soon as you are back.'
        : 'Sign in to work on your sites.'
    "
    @submit="submit"
  >
    <label class="label" for="email">E-mail</label>
    <v-text-field id="email" v-model="email" v-focus type="email" autocomplete="username" />
    <label class="label" for="password">Password</label>
    <div class="row-flex">
      <v-text-field
        id="password"
        v-model="password"
        :type="seen ? 'text' : 'password'"
        autocomplete="current-password"
      />
      <button type="button" class="textlink" :aria-pressed="seen" @click="seen = !seen">
        {{ seen ? 'Hide' : 'Show' }}<span class="unseen"> the password</span>
      </button>
    </div>
    <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
    <p v-else-if="slow" class="quiet" role="status">
      There were wrong tries before: this one is looked at in a few seconds. Nobody is locked out.
    </p>
    <div class="row-flex">
      <v-btn type="submit" class="yes" :disabled="busy">{{ busy ? 'Signing in…' : 'Sign in' }}</v-btn>
      <span class="grow" />
      <button type="button" class="textlink label" @click="step = 'forgotten'">
        Forgotten your password?
      </button>
    </div>
  </DoorSheet>
</template>
