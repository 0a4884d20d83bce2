<script setup lang="ts">
import { computed } from 'vue'
import { post, question } from '@/api/client'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { keptDayWords } from '@/words/dates'

/** Addresses that visitors asked for and did not get, each with the page that may have been meant. */
const emit = defineEmits<{ lead: [from: string] }>()
const site = useSite()
const { value: asked, load } = useItem(() =>
  question('/api/sites/{site}/addresses/in-vain', { path: { site: site.id } }),
)
const within = computed(() => (asked.value?.rows ?? []).filter((r) => r.within).length)
const most = computed(() => Math.max(1, ...(asked.value?.rows ?? []).map((r) => r.times)))

/** From the next release on, whoever asks for it comes to the page. */
/** It is told no more, however often it is asked for. */
async function leave(address: string) {
  const answer = await post(
    '/api/sites/{site}/addresses/in-vain/leave',
    { path: { site: site.id } },
    { address },
  )
  if (answer.ok) await load()
}
/** From the next release on, whoever asks for it is told that it is gone. */
function gone(from: string) {
  void site.give({ verb: 'say-gone', from })
}
function lead(from: string, page: string) {
  void site.give({ verb: 'lead-on', from, to: `page:${page}` })
}
</script>

<template>
  <aside aria-label="Asked in vain">
    <h2>Asked in vain</h2>
    <template v-if="asked">
      <p class="quiet">
        {{ counted(asked.times, 'time') }} in {{ asked.days }} days; {{ asked.robots }} more by robots, left
        out. From within the site: <b>{{ within || 'none' }}</b>. Addresses and counts are kept, nothing of
        the visitor.
      </p>
      <p v-if="!asked.rows.length" class="gap">Nobody has asked for anything in vain.</p>
      <ul>
        <li v-for="r in asked.rows" :key="`${r.within} ${r.address}`">
          <div class="row-flex">
            <span class="mono grow">{{ r.address }}</span>
            <i aria-hidden="true" :style="{ width: `${(90 * r.times) / most}px` }" />
            <span :title="`last ${keptDayWords(r.last)}`">{{ counted(r.times, 'time') }}</span>
          </div>
          <p v-if="r.within" class="must">◆ A page of this site leads there.</p>
          <p class="quiet">
            <template v-if="r.nearest"
              >Nearest: <b dir="auto">{{ r.title }}</b> ·
              <button type="button" class="textlink" @click="lead(r.address, r.nearest)">lead there</button> ·
            </template>
            <template v-else>No page is like it · </template>
            <button type="button" class="textlink" @click="emit('lead', r.address)">
              {{ r.nearest ? 'elsewhere…' : 'lead it on…' }}
            </button>
            ·
            <button type="button" class="textlink" @click="gone(r.address)">say it is gone</button>
            ·
            <button type="button" class="textlink" @click="leave(r.address)">leave</button>
          </p>
        </li>
      </ul>
    </template>
  </aside>
</template>

<style scoped>
ul {
  list-style: none;
  margin-top: 10px;
}
li {
  border-bottom: 1px solid var(--line2);
  padding: 8px 0;
  overflow-wrap: anywhere;
}
i {
  height: 8px;
  background: var(--ochre);
  flex: none;
}
.row-flex > span:last-child {
  white-space: nowrap;
}
</style>
