<script setup lang="ts">
import { post } from '@/api/client'
import type { FoundAside } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'

/** What was set aside, why and by whom. */
defineProps<{ aside: FoundAside[] }>()
const emit = defineEmits<{ back: [] }>()
const site = useSite()
const session = useSession()
const notices = useNotices()
async function back({ found: { finding } }: FoundAside) {
  const { rule, item, says } = finding
  const answer = await post(
    '/api/sites/{site}/survey/back',
    { path: { site: site.id } },
    { rule, item, says },
  )
  if (answer.ok) emit('back')
  else notices.refuse(answer.problem)
}
const day = (at: string) => new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })
</script>

<template>
  <section v-if="aside.length" aria-labelledby="aside">
    <div>
      <h2 id="aside">Set aside</h2>
      <p class="quiet">Found, and meant to be so. They don’t count.</p>
    </div>
    <ul>
      <li v-for="(a, i) in aside" :key="i">
        <b class="cut" dir="auto">{{ a.found.name }}</b>
        <span class="grow"
          >{{ a.found.finding.says }} <span class="quiet" dir="auto">“{{ a.reason }}”</span>
          <span class="quiet"> · {{ a.who }}, {{ day(a.at) }}</span></span
        >
        <v-btn v-if="session.manager" @click="back(a)">Bring back</v-btn>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  display: grid;
  grid-template-columns: 250px minmax(0, 1fr);
  gap: 24px;
  padding: 16px 0;
}
h2 {
  font-size: 16px;
}
ul {
  list-style: none;
}
li {
  display: flex;
  gap: 12px;
  align-items: baseline;
  padding: 4px 0;
}
li > b {
  flex: none;
  width: 200px;
}
@media (max-width: 820px) {
  section {
    grid-template-columns: minmax(0, 1fr);
    gap: 8px;
  }
  li {
    flex-wrap: wrap;
    gap: 4px 12px;
  }
  li > b {
    width: 100%;
  }
}
</style>
