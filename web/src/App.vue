<script setup lang="ts">
import { useIdle } from '@vueuse/core'
import { defineAsyncComponent, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { get } from '@/api/client'
import AwaitedScreen from '@/look/AwaitedScreen.vue'
import { useScheme } from '@/look/useScheme'
import WorkingLine from '@/look/WorkingLine.vue'
import SignInForm from '@/session/SignInForm.vue'
import { useSession } from '@/session/useSession'

const session = useSession()
useScheme()
const PAUSE_MS = 1200
/** Whoever is writing finishes the sentence before they are asked to sign in again. */
const { idle } = useIdle(PAUSE_MS, { events: ['keydown'], initialState: true })
const again = ref(false)
watch(
  [() => session.expired, idle],
  ([expired, paused]) => (again.value = expired && (again.value || paused)),
)
const SetUpScreen = defineAsyncComponent(() => import('@/setup/SetUpScreen.vue'))
const route = useRoute()
const router = useRouter()
const unset = ref(false)
/** Whether it is known which screen is asked for, and who is signed in. */
const known = ref(false)
onMounted(async () => {
  await Promise.all([router.isReady(), session.load()])
  known.value = true
  if (session.person) return
  const answer = await get('/api/set-up')
  unset.value = answer.ok && answer.value.needed
})
/** Whoever must set up a second step first is led there. */
watch(
  () => session.person?.lacksSecondStep && route.name !== 'account' && !route.meta.open,
  (lacks) => lacks && void router.replace({ name: 'account' }),
)
</script>

<template>
  <v-app>
    <WorkingLine />
    <SetUpScreen v-if="unset" />
    <router-view v-else-if="known && (session.person || route.meta.open)" />
    <main v-else-if="known" class="door"><SignInForm /></main>
    <AwaitedScreen v-else />
    <v-dialog :model-value="again" persistent max-width="390">
      <SignInForm again @done="session.expired = false" />
    </v-dialog>
  </v-app>
</template>
