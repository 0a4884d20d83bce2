<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useSession } from '@/session/useSession'
import { get } from '@/api/client'
import type { SiteName } from '@/api/types'

const router = useRouter()
const session = useSession()
const sites = ref<SiteName[] | null>(null)

onMounted(async () => {
  const answer = await get('/api/sites')
  if (!answer.ok) return
  sites.value = answer.value
  const only = answer.value[0]
  if (only) await router.replace({ name: 'plan', params: { site: only.id } })
})
</script>

<template>
  <main v-if="sites && sites.length === 0" class="empty">
    <h1>No site yet</h1>
    <p class="quiet">
      None of this installation’s sites is yours to work on. Ask whoever invited you to give you a role in
      one.
    </p>
    <p class="gap">
      <router-link to="/-/account">My account</router-link> ·
      <button type="button" class="textlink" @click="session.signOut()">Sign out</button>
    </p>
  </main>
</template>

<style scoped>
.empty {
  padding: 80px;
}
</style>
