<script setup lang="ts">
import { ref } from 'vue'
import { post, type Problem } from '@/api/client'
import { said } from '@/api/said'
import type { SiteSettings } from '@/api/types'
import { useSite } from '@/site/useSite'

/** Under which names the site is found: its own, and those that lead to it. A change holds at once. */
const props = defineProps<{ hosts: string[] }>()
const emit = defineEmits<{ set: [settings: SiteSettings] }>()
const site = useSite()
const typed = ref('')
const problem = ref<Problem | null>(null)
const busy = ref(false)

async function give(hosts: string[]) {
  if (busy.value) return false
  busy.value = true
  const was = site.standing?.origin
  const answer = await post('/api/sites/{site}/hosts', { path: { site: site.id } }, { hosts })
  busy.value = false
  problem.value = answer.ok ? null : answer.problem
  if (!answer.ok) return false
  emit('set', answer.value)
  await site.refresh()
  // What a window may frame was told with its page: under another name it is loaded anew.
  if (site.standing?.origin !== was) location.reload()
  return true
}
async function add() {
  if (typed.value.trim() && (await give([...props.hosts, typed.value.trim()]))) typed.value = ''
}
const first = (host: string) => give([host, ...props.hosts.filter((h) => h !== host)])
const without = (host: string) => give(props.hosts.filter((h) => h !== host))
</script>

<template>
  <section aria-labelledby="host-names">
    <h2 id="host-names">Where it is found</h2>
    <ul class="post">
      <li v-for="(host, i) in hosts" :key="host" :class="{ own: i === 0 }">
        <p class="board mono">{{ host }}</p>
        <p v-if="i === 0" class="quiet">The site’s own name: all its addresses begin so.</p>
        <p v-else class="quiet">
          leads there ·
          <button type="button" class="textlink" @click="first(host)">Make it its own</button> ·
          <button type="button" class="textlink" :aria-label="`Take ${host} out`" @click="without(host)">
            Take out
          </button>
        </p>
      </li>
    </ul>
    <form class="row-flex gap" @submit.prevent="add">
      <v-text-field
        v-model="typed"
        aria-label="Another host name"
        placeholder="www.example.org"
        autocomplete="off"
        spellcheck="false"
      />
      <v-btn type="submit" :disabled="busy || !typed.trim()">Add</v-btn>
    </form>
    <p v-if="problem" class="must" role="alert">{{ said(problem) }}</p>
    <p class="quiet small">
      Holds at once, without a release. A name must point to this server; one name belongs to one site.
    </p>
  </section>
</template>

<style scoped>
section {
  margin-bottom: 34px;
}
h2 {
  font-size: 16px;
  margin-bottom: 10px;
}
/* A signpost: each name a board on it, the site's own the large one. */
.post {
  list-style: none;
  border-left: 5px solid var(--ink);
  padding: 10px 0 22px;
  margin: 0 0 14px 22px;
}
.post li + li {
  margin-top: 14px;
}
.post p:not(.board) {
  padding-left: 14px;
}
.board {
  width: fit-content;
  max-width: calc(100% + 22px);
  overflow-wrap: anywhere;
  margin-left: -22px;
  padding: 5px 30px 5px 14px;
  background: var(--line);
  color: var(--ink);
  clip-path: polygon(0 0, calc(100% - 14px) 0, 100% 50%, calc(100% - 14px) 100%, 0 100%);
}
.own .board {
  background: var(--ink);
  color: var(--paper);
  font-size: 15px;
  line-height: 26px;
}
.small {
  font-size: 12.5px;
  line-height: 17px;
  margin-top: 6px;
}
</style>
