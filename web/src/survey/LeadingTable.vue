<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { ref } from 'vue'
import { addressOf, question } from '@/api/client'
import type { LeadingAddress } from '@/api/types'
import AwaitedScreen from '@/look/AwaitedScreen.vue'
import { useSession } from '@/session/useSession'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'
import { nearDayWords } from '@/words/dates'
import { STOPS, whyWords } from './trailWords'

/** The addresses that lead on, each with why, and when somebody last asked. */
const emit = defineEmits<{ follow: [from: string]; lead: [from: string]; read: [] }>()
const SOON = 250
const site = useSite()
const session = useSession()
const words = ref('')
const sought = refDebounced(words, SOON)
const { value: leading } = useItem(() =>
  question('/api/sites/{site}/addresses/leading', {
    path: { site: site.id },
    query: { words: sought.value },
  }),
)
/** What a release makes is worked out with each step, and not with each letter that is sought. */
const { value: coming } = useItem(() =>
  question('/api/sites/{site}/addresses/leading/coming', { path: { site: site.id } }),
)
const leads = (r: LeadingAddress) => r.leads === 'SERVED' || r.leads === 'ELSEWHERE'
const csv = () => addressOf('/api/sites/{site}/addresses/leading/csv', { path: { site: site.id } })
function gone(from: string) {
  void site.give({ verb: 'say-gone', from })
}
function end(from: string) {
  void site.give({ verb: 'end-leading', from })
}
</script>

<template>
  <section>
    <div class="row-flex head">
      <h2>Addresses that lead on</h2>
      <span v-if="leading" class="quiet grow"
        >{{ leading.moves }} from moves · {{ leading.hand }} by hand</span
      >
      <template v-if="session.manager">
        <button type="button" class="textlink" @click="emit('lead', '')">New one…</button>
        <button type="button" class="textlink" @click="emit('read')">From a CSV file…</button>
      </template>
      <a class="textlink" :href="csv()" download>Save as CSV</a>
      <input v-model="words" class="boxed" type="search" placeholder="in words" aria-label="Found by words" />
    </div>
    <AwaitedScreen v-if="!leading" />
    <table v-else-if="leading.rows.length">
      <thead>
        <tr>
          <th scope="col">Asked</th>
          <th scope="col">Leads to</th>
          <th scope="col">Why</th>
          <th scope="col">Last asked</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in leading.rows" :key="r.from">
          <th scope="row">
            <button type="button" class="textlink" @click="emit('follow', r.from)">
              <span class="mono">{{ r.from }}</span>
            </button>
            <p v-if="r.why.idle && leads(r)" class="should">
              ◇ nobody asked for it in a year
              <button v-if="session.manager" type="button" class="textlink" @click="gone(r.from)">
                say that it is gone
              </button>
            </p>
          </th>
          <td>
            <router-link
              v-if="r.leads === 'SERVED'"
              class="textlink mono"
              :to="{ name: 'page', params: { page: r.page } }"
              :title="r.title"
              >→ {{ r.to }}</router-link
            >
            <span v-else-if="r.leads === 'ELSEWHERE'" class="mono">→ {{ r.to }}</span>
            <span v-else class="quiet"
              >→ gone (410){{ r.leads === 'HIDDEN' ? `: ${STOPS.HIDDEN}` : '' }}</span
            >
            <p v-if="r.waits" class="quiet">from the next release on</p>
          </td>
          <td class="quiet">
            {{ whyWords(r) }}
            <template v-if="session.manager && !r.why.release">
              · <button type="button" class="textlink" @click="emit('lead', r.from)">change</button>
              <template v-if="r.waits">
                · <button type="button" class="textlink" @click="end(r.from)">take it away</button>
              </template>
            </template>
          </td>
          <td class="quiet day">
            <span class="said">Last asked: </span>{{ r.why.asked ? nearDayWords(r.why.asked) : 'never yet' }}
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
      The first {{ leading.rows.length }} of {{ leading.found }}. Words narrow them.
    </p>
    <template v-if="coming?.length">
      <h3>With the next release</h3>
      <p class="quiet">Releasing all that waits makes {{ coming.length }} more; none leads on twice.</p>
      <ul>
        <li v-for="c in coming" :key="c.from" class="mono">{{ c.from }} → {{ c.to ?? 'gone (410)' }}</li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.head {
  margin: 30px 0 8px;
  flex-wrap: wrap;
}
.head h2 {
  flex: none;
}
.head .boxed {
  width: 140px;
  flex: none;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: start;
  vertical-align: top;
  padding: 7px 20px 7px 0;
  border-bottom: 1px solid var(--line2);
  font-weight: 400;
  overflow-wrap: anywhere;
}
thead th {
  color: var(--quiet);
  font-size: 13px;
}
th:first-child {
  min-width: 200px;
}
.day {
  white-space: nowrap;
}
h3 {
  font: 600 16px/22px var(--display);
  margin: 24px 0 2px;
}
ul {
  list-style: none;
  columns: 2;
}
li {
  overflow-wrap: anywhere;
}
.said {
  display: none;
}
@media (max-width: 700px) {
  .said {
    display: inline;
  }
  .head h2 {
    flex: 1 0 100%;
  }
  table,
  tbody,
  tr,
  th,
  td {
    display: block;
  }
  thead {
    display: none;
  }
  tr {
    border-bottom: 1px solid var(--line2);
    padding: 8px 0;
  }
  th,
  td {
    border: 0;
    padding: 0;
  }
  ul {
    columns: 1;
  }
}
</style>
