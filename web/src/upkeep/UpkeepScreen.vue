<script setup lang="ts">
import { computed, onMounted, onUnmounted, ref } from 'vue'
import BackupsPart from './BackupsPart.vue'
import HeldPart from './HeldPart.vue'
import UnusedPart from './UnusedPart.vue'
import { get, type Problem } from '@/api/client'
import { said } from '@/api/said'
import type { Installation } from '@/api/types'
import { whenWords } from '@/words/whenWords'
import AwaitedScreen from '@/look/AwaitedScreen.vue'

/** How the installation is kept: its backups, what it holds, and what the server does by itself. */
const AGAIN_MS = 1500
const told = ref<Installation | null>(null)
const problem = ref<Problem | null>(null)
const isBusy = computed(() => told.value?.tasks.some((t) => t.running) ?? false)
let again: ReturnType<typeof setTimeout> | undefined

async function load() {
  clearTimeout(again)
  const answer = await get('/api/upkeep')
  problem.value = answer.ok ? null : answer.problem
  if (answer.ok) told.value = answer.value
  if (isBusy.value) again = setTimeout(load, AGAIN_MS)
}
onMounted(load)
onUnmounted(() => clearTimeout(again))
</script>

<template>
  <div class="upkeep">
    <h1>Upkeep</h1>
    <p v-if="problem" class="must gap" role="alert">{{ said(problem) }}</p>
    <template v-if="told">
      <ul v-if="told.findings.length" class="findings" aria-label="What wants you">
        <li v-for="f in told.findings" :key="f.says" :class="{ urgent: f.urgent }">{{ f.says }}</li>
      </ul>
      <p v-else class="well">✓ All is well: there is a recent backup, and one is made every day.</p>
      <div class="parts">
        <BackupsPart :backups="told.backups" :time-zone="told.timeZone" @changed="load" />
        <HeldPart :told="told" />
      </div>
      <section aria-labelledby="by-itself">
        <h2 id="by-itself">Done by itself</h2>
        <table class="list stacks">
          <thead class="unseen">
            <tr>
              <th scope="col">Task</th>
              <th scope="col">How it went</th>
              <th scope="col">When</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="t in told.tasks" :key="t.name">
              <td class="what">{{ t.title }}</td>
              <td v-if="t.running" class="quiet" role="status">is being done…</td>
              <td v-else-if="t.well === undefined" class="quiet">not done yet</td>
              <td v-else :class="{ must: !t.well }">
                {{ t.well ? t.says : `failed: ${t.says}` }}
              </td>
              <td class="quiet when">{{ t.endedAt && !t.running ? whenWords(t.endedAt) : '' }}</td>
            </tr>
          </tbody>
        </table>
      </section>
      <UnusedPart @removed="load" />
    </template>
    <AwaitedScreen v-else-if="!problem" />
  </div>
</template>

<style scoped>
.list td {
  overflow-wrap: anywhere;
}
.upkeep {
  padding: 26px 48px 60px;
  max-width: 1180px;
  margin: 0 auto;
  width: 100%;
}
.findings {
  list-style: none;
  padding: 0;
  margin: 14px 0 0;
  border-top: 1px solid var(--line);
}
.findings li {
  padding: 8px 0 8px 14px;
  border-bottom: 1px solid var(--line);
  border-left: 3px solid var(--line);
}
.findings .urgent {
  border-left-color: var(--brick);
  font-weight: 600;
}
.well {
  margin-top: 14px;
  color: var(--juniper);
}
.parts {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(260px, 2fr);
  gap: 48px;
}
section {
  margin-top: 30px;
}
.what {
  width: 240px;
  font-weight: 500;
}
.when {
  text-align: right;
  white-space: nowrap;
}
@media (max-width: 820px) {
  .parts {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
  }
  .upkeep {
    padding: 16px 14px 40px;
  }
}
</style>
