<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { get, question } from '@/api/client'
import type { SitemapRow } from '@/api/types'
import AwaitedScreen from '@/look/AwaitedScreen.vue'
import FilterTabs from '@/look/FilterTabs.vue'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { STATE_WORDS } from '@/words/stateWords'

/** Plan, menus, sitemap and live answer of each page side by side. */
type Show = 'ALL' | 'ODDS' | 'DIFFERING' | 'OUT'
const site = useSite()
const show = ref<Show>('ALL')
const at = computed(() => ({ path: { site: site.id }, query: { show: show.value } }))
const { value: table, load } = useItem(() => question('/api/sites/{site}/sitemap', at.value))
/** Rows that were asked for after the first. */
const more = ref<SitemapRow[]>([])
const rows = computed(() => [...(table.value?.rows ?? []), ...more.value])
watch(show, () => void load())
watch(table, () => (more.value = []))
async function loadMore() {
  const from = { ...at.value, query: { ...at.value.query, from: rows.value.length } }
  const answer = await get('/api/sites/{site}/sitemap', from)
  if (answer.ok) more.value = [...more.value, ...answer.value.rows]
}
const xml = ref('')
const asXml = ref(false)
/** A long one is told in several files. */
const isIndex = computed(() => xml.value.includes('<sitemapindex'))
async function loadXml() {
  const response = await fetch(`/api/sites/${site.id}/sitemap.xml`)
  xml.value = response.ok ? await response.text() : 'The sitemap can’t be read now. Try again.'
}
watch([asXml, () => site.step], () => asXml.value && void loadXml())

const NAMES: [Show, string][] = [
  ['ALL', 'all pages'],
  ['ODDS', 'does not agree'],
  ['DIFFERING', 'changes with the next release'],
  ['OUT', 'left out'],
]
const tabs = computed(() =>
  NAMES.map(([key, name]) => ({ key, name, count: table.value?.count[key] ?? undefined })),
)
const NONE: Record<Show, string> = {
  ALL: 'The plan has no pages yet.',
  ODDS: 'Plan, menus, sitemap and what is answered agree on every page.',
  DIFFERING: 'With the next release the sitemap stays as it is.',
  OUT: 'The live sitemap leaves no page out.',
}
const NEXT: Record<string, string> = {
  COMES: '+ comes in',
  GOES: '− goes',
  MOVES: '→ another address',
  CHANGES: '◐ tells of a change',
  STAYS: '',
}
const ANSWERS: Record<number, string> = {
  200: 'shown',
  301: 'leads on',
  302: 'asks to sign in',
  403: 'closed',
  404: 'not there',
  410: 'gone',
}
const day = (when?: string) =>
  when ? new Date(when).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' }) : ''
</script>

<template>
  <AwaitedScreen v-if="!table" />
  <div v-else class="pane">
    <div class="bar">
      <span
        >The live sitemap holds <b>{{ counted(table.held, 'address', 'addresses') }}</b>.</span
      >
      <a :href="table.address" target="_blank" rel="noopener" class="mono">{{ table.address }}</a>
      <span class="grow" />
      <v-btn @click="asXml = !asXml">{{ asXml ? 'As a table' : 'As XML' }}</v-btn>
    </div>
    <template v-if="asXml">
      <p v-if="isIndex" class="quiet">
        It is long, so it is told in several files, and this names them. A page stays in its file: search
        engines fetch again only those in which something has changed.
      </p>
      <p v-else-if="table.held > 500" class="quiet">Its first 500 addresses:</p>
      <pre class="mono xml" tabindex="0">{{ xml }}</pre>
    </template>
    <template v-else>
      <FilterTabs v-model="show" :tabs="tabs" label="Which pages" class="which" />
      <p v-if="!rows.length" class="quiet none">{{ NONE[show] }}</p>
      <table v-else class="stacks">
        <thead>
          <tr>
            <th>Plan</th>
            <th>Menus</th>
            <th>Live sitemap</th>
            <th>Answered there</th>
            <th>With the next release</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in rows" :key="r.page">
            <td :style="{ '--level': show === 'ALL' ? r.level : 0 }" class="page">
              <router-link :to="{ name: 'plan', params: { page: r.page } }" dir="auto">{{
                r.title
              }}</router-link>
              <span class="mono cut">{{ r.address }}</span>
              <span v-for="o in r.odds" :key="o" class="should odd">◇ {{ o }}</span>
            </td>
            <td>{{ r.menus.join(', ') || '–' }}</td>
            <td>
              <template v-if="r.whyNot"><span aria-hidden="true">⊘</span> {{ r.whyNot }}</template>
              <template v-else>● changed {{ day(r.lastChanged) }}</template>
            </td>
            <td>
              <span class="mono">{{ r.status }}</span> {{ ANSWERS[r.status] }}
            </td>
            <td :class="{ should: r.next !== 'STAYS' }">
              {{ NEXT[r.next] }}
              <span
                v-if="r.next === 'STAYS' && r.state !== 'LIVE' && r.whyNot"
                class="state"
                :class="r.state"
              >
                {{ STATE_WORDS[r.state].mark }} {{ STATE_WORDS[r.state].word }}
              </span>
            </td>
          </tr>
        </tbody>
      </table>
      <v-btn v-if="rows.length < (table.count[show] ?? 0)" class="gap" @click="loadMore">
        Show more of {{ (table.count[show] ?? 0).toLocaleString('en-GB') }}
      </v-btn>
    </template>
  </div>
</template>

<style scoped>
.pane {
  overflow: auto;
  padding: 14px 20px 40px;
}
.bar {
  display: flex;
  gap: 16px;
  align-items: center;
}
.which {
  margin: 6px 0 8px;
}
.none {
  padding: 14px 0;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  text-align: start;
  font: 12px/20px var(--text);
  color: var(--quiet);
  border-bottom: 1px solid var(--line);
}
td {
  border-bottom: 1px solid var(--line2);
  padding: 5px 16px 5px 0;
  vertical-align: top;
}
.page {
  padding-inline-start: calc(var(--level) * 18px);
  max-width: 420px;
}
.page > .mono {
  margin-inline-start: 10px;
  color: var(--quiet);
}
.odd {
  display: block;
  font-size: 12.5px;
  line-height: 17px;
}
.xml {
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  background: var(--sheet);
  border: 1px solid var(--line);
  padding: 14px;
  margin-top: 10px;
}
@media (max-width: 820px) {
  .bar {
    flex-direction: column;
    align-items: start;
    gap: 8px;
  }
  .page {
    padding-inline-start: 0;
  }
}
</style>
