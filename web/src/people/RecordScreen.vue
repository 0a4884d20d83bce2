<script setup lang="ts">
import { computed, onMounted, reactive, ref, watch } from 'vue'
import { DEEDS, deedWords } from './deeds'
import { get, addressOf } from '@/api/client'
import { said } from '@/api/said'
import type { RecordLine, SiteName } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSession } from '@/session/useSession'

/** Who did what that is no edit, the latest first. */
const PAGE = 100
const session = useSession()
const lines = ref<RecordLine[]>()
const sites = ref<SiteName[]>([])
const trouble = ref('')
const more = ref(false)
const only = reactive<{ site: string; deed: RecordLine['deed'] | '' }>({ site: '', deed: '' })
const choices = computed(() => [
  ...(session.person?.owner ? [{ value: '', title: 'all sites' }] : []),
  ...sites.value.filter((s) => s.role === 'MANAGER').map((s) => ({ value: s.id, title: s.name })),
])
const query = () => ({ site: only.site || undefined, deed: only.deed || undefined })

async function load(before?: number) {
  const answer = await get('/api/record', { query: { ...query(), before } })
  trouble.value = answer.ok ? '' : said(answer.problem)
  if (!answer.ok) return
  lines.value = before ? [...(lines.value ?? []), ...answer.value] : answer.value
  more.value = answer.value.length === PAGE
}
onMounted(async () => {
  const own = await get('/api/sites')
  if (own.ok) sites.value = own.value
  if (!session.person?.owner) only.site = choices.value[0]?.value ?? ''
  await load()
})
watch(only, () => void load())
const when = (at: string) => new Date(at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })
</script>

<template>
  <div class="record">
    <div class="row-flex">
      <h1 class="grow">Record</h1>
      <ChoiceOf v-model="only.site" class="narrow" :items="choices" label="Of which site" />
      <ChoiceOf v-model="only.deed" class="narrow" :items="DEEDS" label="Of what" />
      <a class="save" :href="addressOf('/api/record/csv', { query: query() })" download>Save as CSV</a>
    </div>
    <p class="quiet">
      What was done that is no change of a page: it can’t be edited, and is kept for 400 days.
    </p>
    <p v-if="trouble" class="must gap" role="alert">{{ trouble }}</p>
    <p v-else-if="lines?.length === 0" class="quiet gap">Nothing of this has happened.</p>
    <table v-else-if="lines" class="stacks">
      <thead class="unseen">
        <tr>
          <th scope="col">When</th>
          <th scope="col">What</th>
          <th scope="col">From</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="l in lines" :key="l.id">
          <td class="quiet when">{{ when(l.at) }}</td>
          <td>{{ deedWords(l) }}</td>
          <td class="mono from">{{ l.origin }}</td>
        </tr>
      </tbody>
    </table>
    <v-btn v-if="more" class="gap" @click="load(lines?.at(-1)?.id)">Earlier…</v-btn>
  </div>
</template>

<style scoped>
.record {
  max-width: 980px;
  margin: 0 auto;
  padding: 28px 24px 60px;
}
.narrow {
  flex: 0 0 190px;
}
.save {
  white-space: nowrap;
}
table {
  width: 100%;
  border-collapse: collapse;
  margin-top: 14px;
}
td {
  border-bottom: 1px solid var(--line2);
  padding: 8px 12px 8px 0;
  overflow-wrap: anywhere;
}
.when,
.from {
  white-space: nowrap;
}
.from {
  text-align: right;
  padding-right: 0;
}
@media (max-width: 820px) {
  .record {
    padding: 16px 14px 40px;
  }
  .record > .row-flex {
    flex-wrap: wrap;
  }
  .record h1 {
    flex: 0 0 100%;
  }
}
</style>
