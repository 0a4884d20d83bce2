<script setup lang="ts">
import { useTimeoutPoll } from '@vueuse/core'
import { onMounted, ref } from 'vue'
import { get, post } from '@/api/client'
import type { OutsideState } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/** How it stands with links to other sites, and looking at them now. */
const emit = defineEmits<{ done: [] }>()
const site = useSite()
const session = useSession()
const notices = useNotices()
const at = { path: { site: site.id } }
const state = ref<OutsideState | null>(null)
const WAIT_MS = 700
const { pause, resume } = useTimeoutPoll(load, WAIT_MS)
async function load() {
  const answer = await get('/api/sites/{site}/survey/outside', at)
  if (!answer.ok) return
  const went = state.value?.done !== undefined
  state.value = answer.value
  if (answer.value.done !== undefined) return resume()
  pause()
  if (went) emit('done')
}
async function look() {
  const answer = await post('/api/sites/{site}/survey/outside', at)
  if (!answer.ok) return notices.refuse(answer.problem)
  state.value = answer.value
  resume()
}
onMounted(load)
const day = (instant: string) =>
  new Date(instant).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
</script>

<template>
  <p v-if="state?.links" class="outside">
    <b>{{ counted(state.links, 'link') }} to other sites</b>
    <span v-if="state.done !== undefined" role="status" class="quiet"
      >being looked at: {{ state.done.toLocaleString('en-GB') }} so far</span
    >
    <span v-else class="quiet">{{
      state.last ? `looked at on ${day(state.last)}` : 'never looked at yet'
    }}</span>
    <v-btn v-if="session.manager && state.done === undefined" @click="look">Look at them now</v-btn>
    <router-link v-if="session.manager" :to="{ name: 'settings' }">every week…</router-link>
  </p>
</template>

<style scoped>
.outside {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  padding: 16px 0;
  border-bottom: 1px solid var(--line);
}
</style>
