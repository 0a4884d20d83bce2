<script setup lang="ts">
import { useRouter } from 'vue-router'
import DoorSheet from './DoorSheet.vue'
import NewPasswordInput from './NewPasswordInput.vue'

/** Where a link leads that lets somebody choose a password: who it is for stands in it, for whoever keeps passwords. */
defineProps<{
  email?: string
  title: string
  note: string
  /** Why the link is no longer good; empty while it is. */
  dead: string
  ended: string
  trouble: string
  busy: boolean
  act: string
}>()
const emit = defineEmits<{ submit: [] }>()
const password = defineModel<string>({ required: true })
const router = useRouter()
</script>

<template>
  <DoorSheet v-if="dead" :title="ended" :note="dead">
    <v-btn @click="router.replace('/')">Sign in</v-btn>
  </DoorSheet>
  <DoorSheet v-else-if="email" :title="title" :note="note" @submit="emit('submit')">
    <input
      type="email"
      class="unseen"
      tabindex="-1"
      autocomplete="username"
      aria-hidden="true"
      :value="email"
    />
    <slot />
    <NewPasswordInput v-model="password" />
    <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
    <v-btn type="submit" class="yes" :disabled="busy">{{ busy ? 'One moment…' : act }}</v-btn>
  </DoorSheet>
</template>
