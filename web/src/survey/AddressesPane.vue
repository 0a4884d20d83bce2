<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { get } from '@/api/client'
import { said } from '@/api/said'
import type { AddressTrail as Trail } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import AddressTableSheet from './AddressTableSheet.vue'
import AddressTrail from './AddressTrail.vue'
import InVainList from './InVainList.vue'
import LeadingTable from './LeadingTable.vue'
import LeadOnSheet from './LeadOnSheet.vue'

/** What answers at an address, and the addresses that lead on. */
const SOON = 250
const site = useSite()
const session = useSession()
const route = useRoute()
const released = computed(() => !!site.standing?.release)
const typed = ref(String(route.query.at ?? ''))
const asked = refDebounced(typed, SOON)
const where = ref(released.value ? 'live' : 'working')
const WHERE = [
  { value: 'live', title: 'live' },
  { value: 'working', title: 'in the working copy' },
]
const trail = ref<Trail | null>(null)
const trouble = ref('')
let latest = 0
watch(
  [asked, where, () => site.step],
  async () => {
    const mine = ++latest
    if (!asked.value.trim()) return void (trail.value = null)
    const answer = await get('/api/sites/{site}/addresses/trail', {
      path: { site: site.id },
      query: { path: asked.value, live: where.value === 'live' },
    })
    if (mine !== latest) return
    trail.value = answer.ok ? answer.value : null
    trouble.value = answer.ok ? '' : said(answer.problem)
  },
  { immediate: true },
)
/** Where nothing answers, a manager may lead it on. */
const lost = computed(
  () => session.manager && ['GONE', 'NOTHING'].includes(trail.value?.stops.at(-1)?.kind ?? ''),
)
const leads = ref<string | null>(null)
const reading = ref(false)
function led(from: string) {
  leads.value = null
  typed.value = from
  where.value = 'working'
}
</script>

<template>
  <div class="pane">
    <div>
      <section>
        <div class="row-flex">
          <label class="label grow" for="asked-address">What answers at</label>
          <ChoiceOf v-if="released" v-model="where" :items="WHERE" label="Where it is followed" in-line />
          <span v-else class="quiet">in the working copy</span>
        </div>
        <input
          id="asked-address"
          v-model="typed"
          v-focus
          class="mono address"
          placeholder="/visit"
          spellcheck="false"
          autocomplete="off"
        />
        <AddressTrail v-if="trail" :trail="trail">
          <button v-if="lost" type="button" class="textlink" @click="leads = trail.stops[0]?.address ?? ''">
            Lead it to a page…
          </button>
        </AddressTrail>
        <p v-else-if="trouble" class="must" role="alert">{{ trouble }}</p>
        <p v-else class="quiet gap">
          Type an address of this site, as it stands in a letter or in somebody’s bookmarks, or press one
          below.
        </p>
      </section>
      <LeadingTable
        @follow="(from) => (typed = from)"
        @lead="(from) => (leads = from)"
        @read="reading = true"
      />
    </div>
    <InVainList v-if="session.manager" @lead="(from) => (leads = from)" />
    <AddressTableSheet v-if="reading" @close="reading = false" />
    <LeadOnSheet v-if="leads !== null" :from="leads" @led="led" @close="leads = null" />
  </div>
</template>

<style scoped>
.pane {
  overflow-y: auto;
  padding: 16px 20px 40px;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 330px;
  gap: 24px 36px;
  align-items: start;
}
@media (max-width: 1100px) {
  .pane {
    grid-template-columns: minmax(0, 1fr);
  }
}
.address {
  width: 100%;
  border: 0;
  border-bottom: 2px solid var(--ink);
  background: none;
  font-size: 20px;
  line-height: 32px;
  color: inherit;
}
</style>
