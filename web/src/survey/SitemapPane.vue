<script setup lang="ts">
import { question } from '@/api/client'
import { computed, ref, watch } from 'vue'
import { STATE_WORDS } from '@/words/stateWords'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'

const site = useSite()
const { value: table } = useItem(() => question('/api/sites/{site}/sitemap', { path: { site: site.id } }))
const xml = ref('')
const asXml = ref(false)

async function loadXml() {
  const response = await fetch(`/api/sites/${site.id}/sitemap.xml`)
  xml.value = response.ok ? await response.text() : 'The sitemap can’t be read now. Try again.'
}
watch([asXml, () => site.step], () => asXml.value && void loadXml())

const out = computed(() => (table.value?.rows ?? []).filter((r) => r.whyNot))
const held = computed(() => (table.value?.rows ?? []).filter((r) => !r.whyNot))
const day = (at?: string) =>
  at ? new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' }) : ''
</script>

<template>
  <div v-if="table" class="pane">
    <div class="bar">
      <span
        >The live sitemap holds <b>{{ table.held }}</b> addresses and leaves out
        <b>{{ out.length }}</b> pages.</span
      >
      <a :href="table.address" target="_blank" rel="noopener" class="mono">{{ table.address }}</a>
      <v-btn @click="asXml = !asXml">{{ asXml ? 'As a table' : 'As XML' }}</v-btn>
    </div>
    <pre v-if="asXml" class="mono xml" tabindex="0">{{ xml }}</pre>
    <table v-else class="stacks">
      <thead>
        <tr>
          <th>Page</th>
          <th>Address</th>
          <th>In menus</th>
          <th>Working copy</th>
          <th>In the sitemap</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in [...out, ...held]" :key="r.page">
          <td>
            <router-link :to="{ name: 'plan', params: { page: r.page } }">{{ r.title }}</router-link>
          </td>
          <td class="mono">{{ r.address }}</td>
          <td>{{ r.menus.join(', ') || '–' }}</td>
          <td class="state" :class="r.state">
            {{ STATE_WORDS[r.state].mark }} {{ STATE_WORDS[r.state].word }}
          </td>
          <td>
            <template v-if="r.whyNot"><span aria-hidden="true">⊘</span> left out: {{ r.whyNot }}</template>
            <template v-else>● last changed {{ day(r.lastChanged) }}</template>
          </td>
        </tr>
      </tbody>
    </table>
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
  margin-bottom: 12px;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  text-align: left;
  font: 12px/20px var(--text);
  color: var(--quiet);
  border-bottom: 1px solid var(--line);
}
td {
  border-bottom: 1px solid var(--line2);
  padding: 6px 16px 6px 0;
}
.xml {
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  background: var(--sheet);
  border: 1px solid var(--line);
  padding: 14px;
}
@media (max-width: 820px) {
  .bar {
    flex-direction: column;
    align-items: start;
    gap: 8px;
  }
}
</style>
