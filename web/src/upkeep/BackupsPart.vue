<script setup lang="ts">
import { inputOf } from '@/look/targets'
import { computed, reactive, ref, watch } from 'vue'
import { post, type Problem, type Outcome } from '@/api/client'
import { said } from '@/api/said'
import type { KeptBackups } from '@/api/types'
import { weight } from '@/media/weight'
import { readTime } from '@/words/dates'
import { whenWords } from '@/words/whenWords'

/** The backups that are there, one to be made now, and when they are made by themselves. */
const props = defineProps<{ backups: KeptBackups; timeZone: string }>()
const emit = defineEmits<{ changed: [] }>()
const problem = ref<Problem | null>(null)
const wanted = reactive({ daily: false, at: '03:00', keep: 7 })
const SHOWN = 8
const all = ref(false)
const shown = computed(() => (all.value ? props.backups.kept : props.backups.kept.slice(0, SHOWN)))

watch(
  () => props.backups.schedule,
  (set) => {
    wanted.daily = set.at !== undefined
    wanted.at = set.at ?? wanted.at
    wanted.keep = set.keep
  },
  { immediate: true },
)

async function send(asking: Promise<Outcome<unknown>>) {
  const answer = await asking
  problem.value = answer.ok ? null : answer.problem
  emit('changed')
}
/** A second press while the first is on its way asks for nothing more. */
let asking = false
async function makeOne() {
  if (asking) return
  asking = true
  await send(post('/api/upkeep/backup', {}))
  asking = false
}
const set = () =>
  send(
    post('/api/upkeep/schedule', {}, { at: wanted.daily ? wanted.at : undefined, keep: Number(wanted.keep) }),
  )
/** What is no time of day is not set; what was stands again. */
function setTime(event: Event) {
  const input = inputOf(event)
  const at = readTime(input.value)
  input.value = at ?? wanted.at
  if (!at) return
  wanted.at = at
  void set()
}
</script>

<template>
  <section class="backups" aria-labelledby="backups">
    <div class="row-flex">
      <h2 id="backups" class="grow">Backups</h2>
      <v-btn class="ink" :disabled="backups.running" @click="makeOne">
        {{ backups.running ? 'One is being made…' : 'Make one now' }}
      </v-btn>
    </div>
    <p v-if="problem" class="must gap" role="alert">{{ said(problem) }}</p>
    <div class="daily">
      <label class="tick">
        <input v-model="wanted.daily" type="checkbox" @change="set" />
        Every day at
      </label>
      <input
        class="time"
        :value="wanted.at"
        placeholder="time"
        aria-label="Time of day"
        :disabled="!wanted.daily"
        @change="setTime"
      />
      <span class="quiet" title="The server’s time zone">{{ timeZone }}</span>
      <span>and the last</span>
      <input
        v-model="wanted.keep"
        type="number"
        min="1"
        max="100"
        aria-label="How many are kept"
        @change="set"
      />
      <span>are kept</span>
    </div>
    <table v-if="shown.length" class="kept list stacks">
      <thead>
        <tr>
          <th>Made</th>
          <th>File</th>
          <th class="size">Size</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="b in shown" :key="b.name">
          <td class="made">{{ whenWords(b.at) }}</td>
          <td class="mono cut" :title="b.name">{{ b.name }}</td>
          <td class="size">{{ weight(b.bytes) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-else class="gap quiet">None yet.</p>
    <button v-if="backups.kept.length > SHOWN && !all" type="button" class="textlink" @click="all = true">
      All {{ backups.kept.length }}
    </button>
    <p class="quiet note">
      Each holds all sites, people and files. They lie on the server in
      <span class="mono">{{ backups.folder }}</span><template v-if="backups.bucket">
        and at <span class="mono">{{ backups.bucket }}</span>, where each is read back once it was sent, and
        as many are kept.</template
      ><template v-else
        >: have them copied to another machine, where nobody else reads them. With
        <span class="mono">backup-bucket</span> in <span class="mono">venue.properties</span> they go to
        object storage by themselves.</template
      >
      On the server, <span class="mono">venue restore</span> makes a new data folder of one.
    </p>
  </section>
</template>

<style scoped>
.kept {
  table-layout: fixed;
}
.daily {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin-top: 12px;
}
.tick {
  display: flex;
  align-items: center;
  gap: 8px;
}
.daily .time,
.daily input[type='number'] {
  border: 1px solid var(--line);
  padding: 3px 6px;
  background: var(--paper);
  color: var(--ink);
  font: inherit;
  width: 62px;
}
.daily input:disabled {
  opacity: 0.55;
}
.made,
th:first-child {
  width: 132px;
}
.size {
  width: 92px;
  text-align: right;
}
.note {
  margin-top: 12px;
  overflow-wrap: anywhere;
}
</style>
