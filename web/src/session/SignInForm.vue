<script setup lang="ts">
import { ref } from 'vue'
import { useSession } from './useSession'
import { said } from '@/api/said'

const props = defineProps<{ again?: boolean }>()
const emit = defineEmits<{ done: [] }>()
const session = useSession()
const email = ref(session.person?.email ?? '')
const password = ref('')
const trouble = ref('')
const busy = ref(false)
/** Whether the answer takes so long that there have been wrong tries before this one. */
const slow = ref(false)
const SLOW_MS = 1500

async function submit() {
  if (busy.value) return
  busy.value = true
  trouble.value = ''
  const waits = setTimeout(() => (slow.value = true), SLOW_MS)
  const answer = await session.signIn(email.value, password.value)
  clearTimeout(waits)
  busy.value = slow.value = false
  if (answer.ok) emit('done')
  else trouble.value = said(answer.problem)
}
</script>

<template>
  <form class="sheet sign-in" @submit.prevent="submit">
    <img src="/mark.svg" alt="" width="26" height="28" />
    <h1>{{ props.again ? 'Sign in again' : 'Venue' }}</h1>
    <p class="quiet">
      {{
        props.again
          ? 'You were signed out meanwhile. What you wrote is kept, and sent as soon as you are back.'
          : 'Sign in to work on your sites.'
      }}
    </p>
    <label class="label" for="email">E-mail</label>
    <v-text-field id="email" v-model="email" v-focus type="email" autocomplete="username" />
    <label class="label" for="password">Password</label>
    <v-text-field id="password" v-model="password" type="password" autocomplete="current-password" />
    <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
    <p v-else-if="slow" class="quiet" role="status">
      There were wrong tries before: this one is looked at in a few seconds. Nobody is locked out.
    </p>
    <v-btn type="submit" class="yes" :disabled="busy">{{ busy ? 'Signing in…' : 'Sign in' }}</v-btn>
  </form>
</template>

<style scoped>
.sign-in {
  width: 340px;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.sign-in .btn {
  align-self: flex-start;
  margin-top: 8px;
}
</style>
