<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { get, post, type Problem } from '@/api/client'
import { said } from '@/api/said'
import type { RetiredSite, SiteName } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSession } from '@/session/useSession'
import { counted } from '@/words/counted'
import { whenWords } from '@/words/whenWords'
import AwaitedScreen from '@/look/AwaitedScreen.vue'

/** One's sites and how each stands; for owners, the retired ones too. */
const session = useSession()
const sites = ref<SiteName[] | null>(null)
const retired = ref<RetiredSite[]>([])
const problem = ref<Problem | null>(null)
const removing = ref<RetiredSite | null>(null)
const typed = ref('')
const KEPT_DAYS = 30
const DAY = 86_400_000

const host = (s: SiteName) => s.origin.replace(/^https?:\/\//, '')
const left = (s: RetiredSite) =>
  Math.max(0, Math.ceil(KEPT_DAYS - (Date.now() - Date.parse(s.retiredAt ?? '')) / DAY))

async function load() {
  const answer = await get('/api/sites')
  if (answer.ok) sites.value = answer.value
  else problem.value = answer.problem
  if (!session.person?.owner) return
  const gone = await get('/api/retired-sites')
  if (gone.ok) retired.value = gone.value
}
async function bringBack(site: RetiredSite) {
  const answer = await post('/api/retired-sites/{id}/bring-back', { path: { id: site.id } })
  problem.value = answer.ok ? null : answer.problem
  await load()
}
function ask(site: RetiredSite) {
  problem.value = null
  typed.value = ''
  removing.value = site
}
async function remove() {
  if (!removing.value) return
  const answer = await post(
    '/api/retired-sites/{id}/remove',
    { path: { id: removing.value.id } },
    { name: typed.value },
  )
  problem.value = answer.ok ? null : answer.problem
  if (!answer.ok) return
  removing.value = null
  await load()
}
onMounted(load)
</script>

<template>
  <div class="sites">
    <div class="row-flex">
      <h1 class="grow">Sites</h1>
      <v-btn v-if="session.person?.owner" class="ink" to="/-/new-site">New site…</v-btn>
    </div>
    <p v-if="problem && !removing" class="must gap" role="alert">{{ said(problem) }}</p>
    <table v-if="sites?.length" class="list stacks">
      <thead>
        <tr>
          <th>Name</th>
          <th>Address</th>
          <th>Live</th>
          <th>Waits</th>
          <th>You are</th>
          <th class="acts"><span class="unseen">Ways in</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="s in sites" :key="s.id">
          <td>
            <a :href="`/${s.id}/plan`" class="name" dir="auto">{{ s.name }}</a>
          </td>
          <td class="mono cut">
            <a :href="s.origin + '/'" target="_blank" rel="noopener">{{ host(s) }}</a>
          </td>
          <td>{{ s.release ? `release ${s.release}` : 'nothing yet' }}</td>
          <td :class="{ quiet: !s.waits }">{{ s.waits ? 'changes' : 'nothing' }}</td>
          <td>{{ session.person?.owner ? 'owner' : s.role === 'MANAGER' ? 'manager' : 'editor' }}</td>
          <td class="acts">
            <a v-if="s.role === 'MANAGER'" :href="`/${s.id}/settings`">Settings</a>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-else-if="sites" class="quiet gap">
      None of this installation’s sites is yours to work on. Ask whoever invited you to give you a role in
      one.
    </p>
    <AwaitedScreen v-if="!sites && !problem" />
    <section v-if="retired.length" aria-labelledby="retired">
      <h2 id="retired">Retired</h2>
      <p class="quiet">
        Not served to anybody. Each is kept {{ KEPT_DAYS }} days at least, and can be brought back as it was.
      </p>
      <table class="list stacks">
        <tbody>
          <tr v-for="s in retired" :key="s.id">
            <td>
              <b dir="auto">{{ s.name }}</b>
            </td>
            <td class="mono cut">{{ s.host }}</td>
            <td>retired {{ whenWords(s.retiredAt ?? '') }}</td>
            <td class="quiet">
              {{
                left(s) ? `kept for ${counted(left(s), 'more day', 'more days')}` : 'can be removed for good'
              }}
            </td>
            <td class="acts">
              <v-btn @click="bringBack(s)">Bring back</v-btn>
              <v-btn v-if="!left(s)" class="danger" @click="ask(s)">Remove for good…</v-btn>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
    <SheetDialog
      v-if="removing"
      :title="`Remove ${removing.name} for good`"
      size="narrow"
      form
      @submit="remove"
      @close="removing = null"
    >
      <p class="gap">
        Its pages, history, releases and settings go and can’t be brought back. Type its name to say that you
        mean this site.
      </p>
      <v-text-field v-model="typed" v-focus class="gap" aria-label="Name of the site" autocomplete="off" />
      <p v-if="problem" class="must" role="alert">{{ said(problem) }}</p>
      <div class="row-flex foot">
        <v-btn type="submit" class="danger" :disabled="typed.trim() !== removing.name"
          >Remove it for good</v-btn
        >
        <v-btn @click="removing = null">Leave it<span class="kbd">Esc</span></v-btn>
      </div>
    </SheetDialog>
  </div>
</template>

<style scoped>
.list td {
  max-width: 320px;
}
.sites {
  padding: 26px 48px 48px;
  max-width: 1180px;
  margin: 0 auto;
  width: 100%;
}
.name {
  font-weight: 600;
  color: inherit;
}
.acts {
  text-align: right;
  padding-right: 0;
  white-space: nowrap;
}
.acts > * + * {
  margin-left: 8px;
}
h2 {
  margin-top: 34px;
}
@media (max-width: 820px) {
  .sites {
    padding: 16px 14px 40px;
  }
}
</style>
