<script setup lang="ts">
import { useSite } from '@/site/useSite'
import type { Job } from './useIntake'

defineProps<{ jobs: Job[] }>()
const site = useSite()
const emit = defineEmits<{ again: [job: Job]; cancel: [job: Job] }>()
const PERCENT = 100

/** What has been sent is read in its turn, after what others have sent before. */
function progress(job: Job) {
  if (job.share < 1) return `${Math.round(job.share * PERCENT)} %`
  const before = site.takingIn - 1
  return before > 0 ? `sent; waits its turn, ${before + 1} files are being taken in` : 'sent; being taken in'
}
</script>

<template>
  <ul v-if="jobs.length" class="jobs" aria-label="Files being taken in">
    <li v-for="j in jobs" :key="j.key">
      <span class="cut name" dir="auto">{{ j.file.name }}</span>
      <progress
        v-if="j.state === 'sends'"
        :value="j.share"
        max="1"
        :aria-label="`${j.file.name}: ${Math.round(j.share * PERCENT)} %`"
      />
      <span class="grow" :class="{ must: j.state === 'failed', failed: j.state === 'failed' }" role="status">
        {{ j.state === 'waits' ? 'waits' : j.state === 'sends' ? progress(j) : `◆ ${j.says}` }}
      </span>
      <button v-if="j.state === 'failed'" type="button" class="textlink" @click="emit('again', j)">
        Try again
      </button>
      <button type="button" class="textlink" @click="emit('cancel', j)">
        {{ j.state === 'failed' ? 'Leave it' : 'Stop' }}
      </button>
    </li>
  </ul>
</template>

<style scoped>
.jobs {
  list-style: none;
  border: 1px solid var(--line);
  background: var(--sheet);
  margin-bottom: 16px;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: center;
  padding: 6px 12px;
  border-bottom: 1px solid var(--line2);
}
.name {
  flex: 1 1 160px;
  max-width: 260px;
}
progress {
  width: 160px;
  accent-color: var(--juniper);
}
.failed {
  order: 1;
  flex-basis: 100%;
}
</style>
