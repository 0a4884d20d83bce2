<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { get } from '@/api/client'
import { said } from '@/api/said'
import type { MayFetch, RobotsText, TellingState } from '@/api/types'
import PropertyInput from '@/property/PropertyInput.vue'
import { useSite } from '@/site/useSite'
import { howItWent } from './howItWent'

/** How the site is found: what robots may fetch, with a question to try the rules on, and whom it tells of changes. */
const site = useSite()
const at = { path: { site: site.id } }
const file = ref<RobotsText | null>(null)
const telling = ref<TellingState | null>(null)
const robot = ref('')
const address = ref('')
const answer = ref<MayFetch | null>(null)
const problem = ref('')

const how = computed(() =>
  telling.value ? howItWent(site.catalog?.facts.tellsChanges === true, telling.value) : '',
)

async function ask() {
  if (!address.value.trim()) return
  const query = { robot: robot.value, address: address.value }
  const told = await get('/api/sites/{site}/robots/may', { ...at, query })
  answer.value = told.ok ? told.value : null
  problem.value = told.ok ? '' : said(told.problem)
}
async function load() {
  const read = await get('/api/sites/{site}/robots', at)
  if (read.ok) file.value = read.value
  const state = await get('/api/sites/{site}/telling', at)
  if (state.ok) telling.value = state.value
  if (answer.value) await ask()
}
onMounted(load)
watch(() => site.standing?.step, load)
</script>

<template>
  <section aria-labelledby="engines">
    <h2 id="engines">Search engines</h2>
    <template v-for="p in site.catalog?.serving ?? []" :key="p.key">
      <PropertyInput
        class="gap"
        :property="p"
        :value="site.catalog?.facts[p.key]"
        @change="(value) => site.give({ verb: 'set-value', item: 'site', key: p.key, value })"
      />
      <p v-if="p.key === 'tellsChanges' && how" class="label how" :class="{ should: telling?.says }">
        {{ how }}
      </p>
    </template>
    <form class="try" @submit.prevent="ask">
      <h3>May a robot fetch it?</h3>
      <v-text-field v-model="robot" aria-label="Robot" placeholder="any robot" dir="ltr" />
      <v-text-field v-model="address" aria-label="Address" placeholder="/visit/opening-times" dir="ltr" />
      <v-btn type="submit" :disabled="!address.trim()">Try</v-btn>
      <p v-if="problem" class="must" role="alert">{{ problem }}</p>
      <p v-else-if="answer" role="status">
        <b :class="answer.may ? 'state LIVE' : 'must'">{{
          answer.may ? '● May fetch' : '⊘ May not fetch'
        }}</b>
        <span class="mono">{{ answer.address }}</span>
        <span class="quiet">
          <template v-if="answer.rule"
            >· by <span class="mono">{{ answer.rule }}</span>
            {{ answer.agent === '*' ? 'for all robots' : `for ${answer.agent}` }}</template
          >
          <template v-else>· no rule says anything of it</template>
        </span>
      </p>
    </form>
    <details v-if="file">
      <summary>
        robots.txt <span v-if="file.waits" class="should">· changes with the next release</span>
      </summary>
      <pre class="mono" tabindex="0">{{ file.text }}</pre>
    </details>
  </section>
</template>

<style scoped>
h2 {
  font-size: 16px;
  margin-bottom: 10px;
}
h3 {
  grid-column: 1 / -1;
  font-size: 13.5px;
}
section {
  margin-bottom: 34px;
}
.how {
  margin-inline-start: 26px;
}
.try {
  display: grid;
  grid-template-columns: minmax(0, 130px) minmax(0, 1fr) auto;
  gap: 6px 8px;
  align-items: center;
  border: 1px solid var(--line);
  background: var(--sheet);
  padding: 10px 12px;
  margin: 14px 0 10px;
}
.try p {
  grid-column: 1 / -1;
  overflow-wrap: anywhere;
}
summary {
  cursor: pointer;
}
pre {
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  background: var(--sheet);
  border: 1px solid var(--line);
  padding: 10px 12px;
  margin-top: 6px;
  font-size: 12.5px;
}
@media (max-width: 480px) {
  .try {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
