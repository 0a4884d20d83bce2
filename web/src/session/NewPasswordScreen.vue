<script setup lang="ts">
import { post } from '@/api/client'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import DoorSheet from './DoorSheet.vue'
import NewPasswordInput from './NewPasswordInput.vue'
import { useLink } from './useLink'
import { useSession } from './useSession'

/** Where the link for a forgotten password leads. */
const router = useRouter()
const session = useSession()
const { holder, dead, trouble, busy, send } = useLink((token) => post('/api/password/link', {}, { token }))
const password = ref('')
const done = ref(false)

async function set() {
  done.value =
    (await send((token) => post('/api/password/reset', {}, { token, password: password.value }))) !== null
  if (done.value) await session.load()
}
</script>

<template>
  <main class="door">
    <DoorSheet v-if="dead" title="This link has ended" :note="dead">
      <v-btn @click="router.replace('/')">Sign in</v-btn>
    </DoorSheet>
    <DoorSheet
      v-else-if="done"
      title="Your password is set"
      note="You are signed out everywhere. Sign in with the new one."
    >
      <v-btn class="yes" @click="router.replace('/')">Sign in</v-btn>
    </DoorSheet>
    <DoorSheet
      v-else-if="holder"
      title="A new password"
      :note="`For ${holder.name}, ${holder.email}.`"
      @submit="set"
    >
      <input
        type="email"
        class="unseen"
        tabindex="-1"
        autocomplete="username"
        aria-hidden="true"
        :value="holder.email"
      />
      <NewPasswordInput v-model="password" />
      <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
      <v-btn type="submit" class="yes" :disabled="busy">{{ busy ? 'One moment…' : 'Set it' }}</v-btn>
    </DoorSheet>
  </main>
</template>
