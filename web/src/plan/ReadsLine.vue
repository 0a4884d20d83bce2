<script setup lang="ts">
import { ref, watch } from 'vue'
import { get } from '@/api/client'
import type { PageReads } from '@/api/types'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/** How often a page was read over the last 30 days, with a bar for each. */
const props = defineProps<{ page: string }>()
const site = useSite()
const reads = ref<PageReads | null>(null)
watch(
  () => props.page,
  async (page) => {
    reads.value = null
    const answer = await get('/api/sites/{site}/plan/reads', { path: { site: site.id }, query: { page } })
    if (answer.ok && page === props.page) reads.value = answer.value
  },
  { immediate: true },
)
const high = (times: number) => {
  const most = Math.max(1, ...(reads.value?.days ?? []))
  return `${Math.round((times / most) * 100)}%`
}
</script>

<template>
  <span v-if="!reads" class="quiet">…</span>
  <span v-else-if="!reads.counted" class="quiet">not counted on this site</span>
  <div v-else>
    {{ counted(reads.people, 'time') }} in 30 days
    <span v-if="reads.robots" class="quiet">· {{ counted(reads.robots, 'time') }} by robots</span>
    <div v-if="reads.people" class="bars" aria-hidden="true">
      <i v-for="(n, i) in reads.days" :key="i" :style="{ height: high(n) }" :title="String(n)" />
    </div>
  </div>
</template>

<style scoped>
.bars {
  display: flex;
  align-items: flex-end;
  gap: 2px;
  height: 26px;
  margin-top: 4px;
  border-bottom: 1px solid var(--line);
}
.bars i {
  flex: 1;
  min-height: 1px;
  background: var(--juniper);
}
</style>
