<script setup lang="ts">
import { post } from '@/api/client'
import { ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import LinkDoor from './LinkDoor.vue'
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
    <LinkDoor
      v-model="password"
      :email="holder?.email"
      title="Welcome"
      :note="`You are invited as ${holder?.email}. Say what you are called, and choose a password.`"
      ended="This invitation has ended"
      act="Come in"
      v-bind="{ dead, trouble, busy }"
      @submit="comeIn"
    >
      <label class="label" for="name">Your name</label>
      <v-text-field id="name" v-model="name" v-focus autocomplete="name" />
    </LinkDoor>
  </main>
</template>
