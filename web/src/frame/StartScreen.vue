<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { get } from '@/api/client'
import type { SiteName } from '@/api/types'

const router = useRouter()
const sites = ref<SiteName[] | null>(null)

onMounted(async () => {
  const answer = await get<SiteName[]>('/sites')
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
      This data folder holds no site. Start Venue with <code>./venue demo</code> to look at one.
    </p>
  </main>
</template>

<style scoped>
.empty {
  padding: 80px;
}
</style>
