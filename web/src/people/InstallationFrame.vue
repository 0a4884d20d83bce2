<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { get } from '@/api/client'
import type { SiteName } from '@/api/types'
import LeaveSheet from '@/edit/LeaveSheet.vue'
import { useEdits } from '@/edit/useEdits'
import NoticeLine from '@/frame/NoticeLine.vue'
import AwaitedScreen from '@/look/AwaitedScreen.vue'
import { useWorking } from '@/look/useWorking'
import { useSession } from '@/session/useSession'

/** What stands around the screens that belong to no site. */
const session = useSession()
const edits = useEdits()
const leaving = ref(false)
const router = useRouter()
const { slow } = useWorking()
const sites = ref<SiteName[]>([])

onMounted(async () => {
  const answer = await get('/api/sites')
  if (answer.ok) sites.value = answer.value
})
/** Asks first where something of theirs has not been sent. */
function leave() {
  if (edits.waiting) leaving.value = true
  else void signOut()
}
async function signOut() {
  leaving.value = false
  await session.signOut()
  await router.push('/')
}
</script>

<template>
  <div class="frame">
    <header class="head running-head">
      <router-link to="/" class="mark" aria-label="Venue">
        <img src="/mark.svg" alt="" width="18" height="20" /> Venue
      </router-link>
      <nav aria-label="Installation">
        <router-link v-if="session.person?.owner || sites.some((s) => s.role === 'MANAGER')" to="/-/people"
          >People</router-link
        >
        <router-link to="/-/sites">Sites</router-link>
        <router-link to="/-/account">My account</router-link>
        <router-link v-if="session.person?.owner || sites.some((s) => s.role === 'MANAGER')" to="/-/record"
          >Record</router-link
        >
        <router-link v-if="session.person?.owner" to="/-/upkeep">Upkeep</router-link>
      </nav>
      <div class="right">
        <router-link v-for="s in sites.slice(0, 3)" :key="s.id" class="cut" :to="`/${s.id}/plan`"
          >← {{ s.name }}</router-link
        >
        <button type="button" class="textlink" @click="leave">Sign out</button>
      </div>
    </header>
    <main class="room" :aria-busy="slow"><router-view /><AwaitedScreen class="until" /></main>
    <NoticeLine />
    <LeaveSheet v-if="leaving" @leave="signOut" @close="leaving = false" />
  </div>
</template>

<style scoped>
.until:not(:only-child) {
  display: none;
}
.frame {
  height: 100vh;
  display: flex;
  flex-direction: column;
}
.head {
  gap: 34px;
}
.right {
  margin-left: auto;
  display: flex;
  align-items: center;
  gap: 18px;
  min-width: 0;
}
.room {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
}
@media (max-width: 820px) {
  .head {
    height: auto;
    flex-wrap: wrap;
    gap: 0 16px;
    padding: 6px 14px 0;
  }
  nav {
    order: 1;
    flex: 0 0 100%;
    gap: 16px;
    overflow-x: auto;
    white-space: nowrap;
  }
  nav a {
    min-height: 34px;
  }
}
</style>
