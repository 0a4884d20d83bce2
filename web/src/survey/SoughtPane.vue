<script setup lang="ts">
import { useSite } from '@/site/useSite'
import { question } from '@/api/client'
import AwaitedScreen from '@/look/AwaitedScreen.vue'
import { useItem } from '@/site/useItem'
import { counted } from '@/words/counted'
import { keptDayWords } from '@/words/dates'

/** What visitors looked for and did not find: what the site should perhaps have, or call by their words. */
const site = useSite()
const { value: sought } = useItem(() => question('/api/sites/{site}/sought', { path: { site: site.id } }))
</script>

<template>
  <AwaitedScreen v-if="!sought" />
  <div v-else class="pane">
    <p class="quiet">
      What visitors looked for on the released site and no page says. A page that says it, in their words, is
      found from its release on. Kept for {{ sought.days }} days: words and counts, nothing of the visitor.
    </p>
    <table v-if="sought.missed.length">
      <thead>
        <tr>
          <th scope="col">Sought</th>
          <th scope="col">How often</th>
          <th scope="col">Last on</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="m in sought.missed" :key="m.words">
          <th scope="row">
            <bdi>{{ m.words }}</bdi>
          </th>
          <td>{{ counted(m.times, 'time') }}</td>
          <td>{{ keptDayWords(m.last) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-else class="none">Nobody has looked for anything in vain.</p>
  </div>
</template>

<style scoped>
.pane {
  overflow-y: auto;
  padding: 16px 20px 40px;
}
.pane > p {
  max-width: 640px;
}
table {
  border-collapse: collapse;
  margin-top: 14px;
  min-width: min(100%, 640px);
}
th,
td {
  text-align: left;
  padding: 7px 24px 7px 0;
  border-bottom: 1px solid var(--line2);
  font-weight: 400;
  white-space: nowrap;
}
thead th {
  color: var(--quiet);
  font-size: 13px;
}
tbody th {
  font-weight: 500;
  white-space: normal;
  overflow-wrap: anywhere;
}
.none {
  margin-top: 14px;
}
</style>
