<script setup lang="ts">
import { useIdle } from '@vueuse/core'
import { onMounted, ref, watch } from 'vue'
import SignInForm from '@/session/SignInForm.vue'
import { useSession } from '@/session/useSession'

const session = useSession()
const PAUSE_MS = 1200
/** Whoever is writing finishes the sentence before they are asked to sign in again. */
const { idle } = useIdle(PAUSE_MS, { events: ['keydown'], initialState: true })
const again = ref(false)
watch(
  [() => session.expired, idle],
  ([expired, paused]) => (again.value = expired && (again.value || paused)),
)
onMounted(session.load)
</script>

<template>
  <v-app>
    <main v-if="session.asked && !session.person" class="door"><SignInForm /></main>
    <router-view v-else-if="session.person" />
    <v-dialog :model-value="again" persistent max-width="390">
      <SignInForm again @done="session.expired = false" />
    </v-dialog>
  </v-app>
</template>

<style scoped>
.door {
  height: 100vh;
  display: grid;
  place-items: center;
}
</style>
