<script setup lang="ts">
import { computed } from 'vue'
import type { AnswerRow, AnswersTold, SeatRow } from '@/api/types'
import FilterTabs from '@/look/FilterTabs.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { ANSWER_STATES } from './answerWords'
import FilterMenu from './FilterMenu.vue'
import type { AnswersAsked } from './useAnswers'

/** Which answers are looked at: open or all, in what state, with whom, what was said; or all that came from one address. */
const props = defineProps<{
  told: AnswersTold
  here: AnswersTold['forms'][number]
  rows: AnswerRow[]
  states: string[]
  night?: SeatRow
}>()
const emit = defineEmits<{ off: []; removeAll: [] }>()
const asked = defineModel<AnswersAsked>('asked', { required: true })
const site = useSite()
const tabs = computed(() => {
  const all: { key: AnswersAsked['which']; name: string; count?: number }[] = [
    { key: 'OPEN', name: 'open', count: props.here.open },
    { key: 'ALL', name: 'all', count: props.here.all },
  ]
  if (props.here.comments) all.push({ key: 'HELD', name: 'to let through', count: props.here.held })
  if (props.here.reported) all.push({ key: 'REPORTED', name: 'reported', count: props.here.reported })
  if (props.here.apart) all.push({ key: 'APART', name: 'set apart', count: props.here.apart })
  return all
})
const people = computed(() => [
  { value: '', title: 'with anybody' },
  ...props.told.people.map((p) => ({ value: p.id, title: `with ${p.name}` })),
])
const stateItems = computed(() => [
  { value: '', title: 'any state' },
  ...[...ANSWER_STATES.map((s) => s.value), ...props.states].map((s) => ({ value: s, title: s })),
])
</script>

<template>
  <div v-if="asked.from" class="row-flex bar">
    <b class="cut" dir="auto">{{ counted(rows.length, 'answer') }} from {{ asked.from }}</b>
    <button type="button" class="textlink" @click="asked.from = undefined">back to {{ here.name }}</button>
    <span class="grow" />
    <template v-if="told.writes">
      <a
        class="textlink"
        :href="`/api/sites/${site.id}/senders/table?email=${encodeURIComponent(asked.from)}`"
        download
        >Hand out (CSV)</a
      >
      <button v-if="rows.length" type="button" class="textlink must" @click="emit('removeAll')">
        Remove all…
      </button>
    </template>
  </div>
  <div v-else class="row-flex bar">
    <FilterTabs v-model="asked.which" :tabs="tabs" label="Which answers" />
    <button v-if="night" type="button" class="textlink" @click="asked.item = undefined">
      {{ night.title }} only ×
    </button>
    <button v-if="night && told.writes" type="button" class="textlink" @click="emit('off')">
      call it off…
    </button>
    <input
      v-model="asked.q"
      type="search"
      class="filter"
      placeholder="What was said"
      aria-label="Find answers"
    />
    <FilterMenu v-model="asked.state" :items="stateItems" label="State" />
    <FilterMenu v-model="asked.works" :items="people" label="Who works on them" />
    <span class="grow" />
    <a class="textlink" :href="`/api/sites/${site.id}/answers/${here.id}/table`" download>CSV</a>
  </div>
</template>

<style scoped>
.bar {
  padding: 8px 16px 4px;
  gap: 8px 16px;
  flex-wrap: wrap;
  flex: none;
}
.filter {
  border: 1px solid var(--line);
  border-radius: 3px;
  background: var(--sheet);
  color: inherit;
  padding: 0 9px;
  font: 13px/28px var(--text);
  width: 150px;
}
</style>
