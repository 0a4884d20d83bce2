<script setup lang="ts">
import { post } from '@/api/client'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import DoorSheet from './DoorSheet.vue'
import { useLink, type Holder } from './useLink'
import { useSession } from './useSession'

/** Where the link that confirms a new address leads. */
const router = useRouter()
const session = useSession()
const { dead, trouble, busy, send } = useLink(null)
const taken = ref<Holder | null>(null)

async function confirm() {
  taken.value = await send((token) => post('/api/address/confirm', {}, { token }))
  if (taken.value) await session.load()
}
</script>

<template>
  <main class="door">
    <DoorSheet v-if="dead" title="This link has ended" :note="dead">
      <v-btn @click="router.replace('/')">Go on</v-btn>
    </DoorSheet>
    <DoorSheet
      v-else-if="taken"
      title="Your address is changed"
      :note="`From now on you sign in as ${taken.email}.`"
    >
      <v-btn class="yes" @click="router.replace('/')">Go on</v-btn>
    </DoorSheet>
    <DoorSheet
      v-else
      title="A new address"
      note="Confirm that you want to sign in with this address from now on."
      @submit="confirm"
    >
      <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
      <v-btn v-focus type="submit" class="yes" :disabled="busy">Confirm it</v-btn>
    </DoorSheet>
  </main>
</template>
