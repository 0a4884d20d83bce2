<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { get, question } from '@/api/client'
import { said } from '@/api/said'
import type { AddressTrail as Trail } from '@/api/types'
import AwaitedScreen from '@/look/AwaitedScreen.vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSession } from '@/session/useSession'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import AddressTrail from './AddressTrail.vue'
import InVainList from './InVainList.vue'
import LeadOnSheet from './LeadOnSheet.vue'
import { STOPS } from './trailWords'

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
function led(from: string) {
  leads.value = null
  typed.value = from
  where.value = 'working'
}
function end(from: string) {
  void site.give({ verb: 'end-leading', from })
}

const words = ref('')
const sought = refDebounced(words, SOON)
const { value: leading } = useItem(() =>
  question('/api/sites/{site}/addresses/leading', {
    path: { site: site.id },
    query: { words: sought.value },
  }),
)
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
      <section>
        <div class="row-flex head">
          <h2>Addresses that lead on</h2>
          <span v-if="leading" class="quiet grow">{{ counted(leading.found, 'address', 'addresses') }}</span>
          <button v-if="session.manager" type="button" class="textlink" @click="leads = ''">New one…</button>
          <input
            v-model="words"
            class="boxed"
            type="search"
            placeholder="in words"
            aria-label="Found by words"
          />
        </div>
        <AwaitedScreen v-if="!leading" />
        <table v-else-if="leading.rows.length">
          <thead>
            <tr>
              <th scope="col">Asked</th>
              <th scope="col">Leads to</th>
              <th scope="col">What answers</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="r in leading.rows" :key="r.from">
              <th scope="row">
                <button type="button" class="textlink" @click="typed = r.from">
                  <span class="mono">{{ r.from }}</span>
                </button>
              </th>
              <td class="mono">{{ r.leads === 'SERVED' || r.leads === 'ELSEWHERE' ? `→ ${r.to}` : '–' }}</td>
              <td>
                <span v-if="r.leads === 'ELSEWHERE'">another site</span>
                <template v-else-if="r.leads === 'SERVED'">
                  <router-link class="textlink" :to="{ name: 'page', params: { page: r.page } }" dir="auto">{{
                    r.title
                  }}</router-link>
                </template>
                <span v-else class="should">◇ {{ STOPS[r.leads] }}: “gone” (410)</span>
                <span v-if="r.waits" class="quiet">
                  · from the next release on
                  <button v-if="session.manager" type="button" class="textlink" @click="end(r.from)">
                    take it away
                  </button>
                </span>
              </td>
            </tr>
          </tbody>
        </table>
        <p v-else class="quiet">
          {{
            words.trim()
              ? 'None is called so.'
              : 'None yet. Where a page that is live moves or is taken away, a release sees to its old address.'
          }}
        </p>
        <p v-if="leading && leading.found > leading.rows.length" class="quiet gap">
          The first {{ leading.rows.length }}. Words narrow them.
        </p>
      </section>
    </div>
    <InVainList v-if="session.manager" @lead="(from) => (leads = from)" />
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
.head {
  margin: 30px 0 8px;
  flex-wrap: wrap;
}
.head h2 {
  flex: none;
}
.head .boxed {
  width: 180px;
  flex: none;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: start;
  padding: 7px 24px 7px 0;
  border-bottom: 1px solid var(--line2);
  font-weight: 400;
  overflow-wrap: anywhere;
}
thead th {
  color: var(--quiet);
  font-size: 13px;
}
</style>
