<script setup lang="ts">
import { post } from '@/api/client'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import DoorSheet from './DoorSheet.vue'
import LinkDoor from './LinkDoor.vue'
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
    <DoorSheet
      v-if="done"
      title="Your password is set"
      note="You are signed out everywhere. Sign in with the new one."
    >
      <v-btn class="yes" @click="router.replace('/')">Sign in</v-btn>
    </DoorSheet>
    <LinkDoor
      v-else
      v-model="password"
      :email="holder?.email"
      title="A new password"
      :note="`For ${holder?.name}, ${holder?.email}.`"
      ended="This link has ended"
      act="Set it"
      v-bind="{ dead, trouble, busy }"
      @submit="set"
    />
  </main>
</template>
