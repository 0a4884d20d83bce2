<script setup lang="ts">
import { ref, watch } from 'vue'
import { get, post } from '@/api/client'
import type { PageTraces } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/** What visitors left on a page: how often they read it, with a bar for each of 30 days, what they gave it, what they said. */
const props = defineProps<{ page: string; title: string }>()
const site = useSite()
const session = useSession()
const notices = useNotices()
const traces = ref<PageTraces | null>(null)
const clearing = ref(false)
watch(
  () => props.page,
  async (page) => {
    traces.value = null
    const answer = await get('/api/sites/{site}/plan/traces', { path: { site: site.id }, query: { page } })
    if (answer.ok && page === props.page) traces.value = answer.value
  },
  { immediate: true },
)
const high = (times: number) => {
  const most = Math.max(1, ...(traces.value?.days ?? []))
  return `${Math.round((times / most) * 100)}%`
}
async function clear() {
  clearing.value = false
  const at = { path: { site: site.id } }
  const answer = await post('/api/sites/{site}/plan/ratings/clear', at, { page: props.page })
  if (answer.ok) traces.value = answer.value
  else notices.refuse(answer.problem)
}
</script>

<template>
  <dt>Read</dt>
  <dd v-if="!traces" class="quiet">…</dd>
  <dd v-else-if="!traces.counted" class="quiet">not counted on this site</dd>
  <dd v-else>
    {{ counted(traces.people, 'time') }} in 30 days
    <span v-if="traces.robots" class="quiet">· {{ counted(traces.robots, 'time') }} by robots</span>
    <div v-if="traces.people" class="bars" aria-hidden="true">
      <i v-for="(n, i) in traces.days" :key="i" :style="{ height: high(n) }" :title="String(n)" />
    </div>
  </dd>
  <template v-if="traces?.rated">
    <dt>Rated</dt>
    <dd>
      {{ traces.mean.toFixed(1) }} of 5 <span class="quiet">by {{ counted(traces.rated, 'visitor') }}</span>
      <button v-if="session.manager" type="button" class="textlink" @click="clearing = true">clear…</button>
    </dd>
  </template>
  <template v-if="traces?.comments">
    <dt>Said</dt>
    <dd>{{ counted(traces.comments, 'comment') }}</dd>
  </template>
  <SheetDialog v-if="clearing && traces" title="Clear ratings" size="narrow" @close="clearing = false">
    <p>
      What {{ counted(traces.rated, 'visitor') }} gave “{{ title }}” goes for good. That can’t be taken back.
      Whoever rated it keeps the sign of it in their browser, and can’t rate it again.
    </p>
    <div class="row-flex gap">
      <v-btn class="danger" @click="clear">Clear them</v-btn>
      <v-btn @click="clearing = false">Keep them</v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
dt {
  color: var(--quiet);
}
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
