<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { blankSite, type NewSource } from './proposed'
import SiteFields from './SiteFields.vue'
import SourceChoice from './SourceChoice.vue'
import { get, post, type Problem } from '@/api/client'
import { said } from '@/api/said'
import type { Offer, PackOfSite, SiteName } from '@/api/types'

/** A further site of the installation. */
const FIELDS = ['siteName', 'siteHost', 'language', 'timeZone']
const site = ref(blankSite())
const source = ref<NewSource>({ beginWith: 'small' })
const sites = ref<SiteName[]>([])
const offers = ref<Offer[]>([])
const problem = ref<Problem | null>(null)
const busy = ref(false)
const at = (field: string) => (problem.value?.field === field ? said(problem.value) : '')
const elsewhere = computed(() =>
  problem.value && !FIELDS.includes(problem.value.field ?? '') ? said(problem.value) : '',
)
const chosen = computed(() => offers.value.find((o) => o.id === source.value.beginWith))

onMounted(async () => {
  const answer = await get('/api/beginnings')
  if (answer.ok) offers.value = answer.value
  else problem.value = answer.problem
  const mine = await get('/api/sites')
  if (mine.ok) sites.value = mine.value
})

/** A pack says what its site is called, until somebody says otherwise. */
function named(pack: PackOfSite) {
  if (!site.value.siteName) site.value.siteName = pack.name
  site.value.language = pack.language
  site.value.timeZone = pack.timeZone
}

async function make() {
  if (busy.value) return
  busy.value = true
  problem.value = null
  const answer = await post('/api/sites', {}, { ...site.value, ...source.value })
  // The page is loaded anew: what it may frame was told before the site was there.
  if (answer.ok) return location.assign(`/${answer.value.site}/plan`)
  busy.value = false
  problem.value = answer.problem
}
</script>

<template>
  <form class="new-site" @submit.prevent="make">
    <div>
      <h1>A new site</h1>
      <template v-if="offers.length">
        <SiteFields v-model="site" :wrong="at" />
        <p v-if="elsewhere" class="must gap" role="alert">{{ elsewhere }}</p>
        <div class="row-flex act">
          <v-btn type="submit" class="strong" :disabled="busy || (!chosen && !source.from)">{{
            busy ? 'Making the site…' : 'Make it'
          }}</v-btn>
          <span v-if="chosen" class="quiet">
            makes {{ chosen.pages.length }} pages; {{ chosen.live }} of them, and the page for wrong
            addresses, are live at once, the others are drafts
          </span>
          <span v-else class="quiet">its home page is live at once, the others are drafts</span>
        </div>
      </template>
      <p v-else-if="elsewhere" class="quiet gap" role="alert">{{ elsewhere }}</p>
    </div>
    <SourceChoice v-if="offers.length" v-model="source" :offers="offers" :sites="sites" @pack="named" />
  </form>
</template>

<style scoped>
.new-site {
  padding: 26px 48px 48px;
  display: grid;
  grid-template-columns: 372px minmax(0, 1fr);
  gap: 18px 44px;
  width: 100%;
  max-width: 1480px;
  margin: 0 auto;
}
.act {
  margin-top: 20px;
  gap: 14px;
}
@media (max-width: 1100px) {
  .new-site {
    padding: 20px 24px 40px;
    grid-template-columns: 320px minmax(0, 1fr);
    gap: 14px 28px;
  }
}
</style>
