<script setup lang="ts">
import { post } from '@/api/client'
import { ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import DoorSheet from './DoorSheet.vue'
import NewPasswordInput from './NewPasswordInput.vue'
import { useLink } from './useLink'
import { useSession } from './useSession'

/** Where an invitation leads: who you are, and your password. */
const router = useRouter()
const session = useSession()
const { holder, dead, trouble, busy, send } = useLink((token) => post('/api/invitation', {}, { token }))
const name = ref('')
const password = ref('')
watch(holder, (who) => (name.value = who?.name ?? ''))

async function comeIn() {
  const came = await send((token) =>
    post('/api/invitation/accept', {}, { token, name: name.value, password: password.value }),
  )
  if (!came) return
  await session.entered()
  await router.replace('/')
}
</script>

<template>
  <main class="door">
    <DoorSheet v-if="dead" title="This invitation has ended" :note="dead">
      <v-btn @click="router.replace('/')">Sign in</v-btn>
    </DoorSheet>
    <DoorSheet
      v-else-if="holder"
      title="Welcome"
      :note="`You are invited as ${holder.email}. Say what you are called, and choose a password.`"
      @submit="comeIn"
    >
      <input
        type="email"
        class="unseen"
        tabindex="-1"
        autocomplete="username"
        aria-hidden="true"
        :value="holder.email"
      />
      <label class="label" for="name">Your name</label>
      <v-text-field id="name" v-model="name" v-focus autocomplete="name" />
      <NewPasswordInput v-model="password" />
      <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
      <v-btn type="submit" class="yes" :disabled="busy">{{ busy ? 'One moment…' : 'Come in' }}</v-btn>
    </DoorSheet>
  </main>
</template>
