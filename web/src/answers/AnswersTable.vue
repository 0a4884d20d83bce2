<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import type { AnswerRow, FormAnswers } from '@/api/types'
import { elementOf, inputOf } from '@/look/targets'
import { whenWords } from '@/words/whenWords'
import { markOf, onPageWords, saidOf, standsWords } from './answerWords'
import type { AnswersOrder } from './useAnswers'

/** The table of answers: who, how they stand, when it came, and the columns that are chosen. */
const props = defineProps<{
  found: FormAnswers
  rows: AnswerRow[]
  form: string
  chosen: string | null
  empty: string
  order: AnswersOrder
  /** The names of forms by their ids, where answers of several stand here. */
  forms?: Record<string, string>
}>()
const emit = defineEmits<{ open: [id: string, byKey?: boolean]; more: []; sort: [by: AnswersOrder] }>()
/** Whether a column is the one by which they are ordered, as it is said aloud. */
const sorted = (...by: AnswersOrder[]) =>
  by.includes(props.order) ? (props.order === 'NEWEST' ? 'descending' : 'ascending') : undefined
const picked = defineModel<string[]>('picked', { required: true })
const FIRST = 2
const kept = useLocalStorage<Record<string, string[]>>('venue-answer-columns', {})
const saidOnPages = computed(() => props.rows.some((r) => r.onPage))
const seated = computed(() => props.found.seats.length > 0)
/** The first things that are no name and no long text, until somebody chooses. */
const keys = computed(
  () =>
    kept.value[props.form] ??
    props.found.columns
      .filter((c) => !props.rows.some((r) => saidOf(r, c.key) === r.who || saidOf(r, c.key) === r.email))
      .slice(0, FIRST)
      .map((c) => c.key),
)
const columns = computed(() => props.found.columns.filter((c) => keys.value.includes(c.key)))
/** The row after, or before, the one at hand. */
function step({ target }: Event, by: 1 | -1) {
  const row = elementOf(target)?.closest('tr')
  const next = by === 1 ? row?.nextElementSibling : row?.previousElementSibling
  next?.querySelector<HTMLElement>('.name')?.focus()
}
function toggle(key: string) {
  const next = keys.value.includes(key) ? keys.value.filter((k) => k !== key) : [...keys.value, key]
  kept.value = { ...kept.value, [props.form]: next }
}
const pick = (id: string, on: boolean) =>
  (picked.value = on ? [...picked.value, id] : picked.value.filter((p) => p !== id))
</script>

<template>
  <div class="table">
    <table aria-label="Answers">
      <thead>
        <tr class="label">
          <th class="tick"><span class="unseen">Chosen</span></th>
          <th :aria-sort="sorted('STATE')">
            <button v-if="!forms" type="button" class="by" @click="emit('sort', 'STATE')">State</button>
            <template v-else>State</template>
          </th>
          <th v-if="forms">Form</th>
          <th :aria-sort="sorted('NAME')">
            <button v-if="!forms" type="button" class="by" @click="emit('sort', 'NAME')">Who</button>
            <template v-else>Who</template>
          </th>
          <th v-for="c in columns" :key="c.key" :title="c.label">{{ c.label }}</th>
          <th v-if="seated" :aria-sort="sorted('STANDS')">
            <button type="button" class="by" @click="emit('sort', 'STANDS')">Stands</button>
          </th>
          <th v-if="saidOnPages">On its page</th>
          <th :aria-sort="sorted('NEWEST', 'OLDEST')">
            <button
              v-if="!forms"
              type="button"
              class="by"
              @click="emit('sort', order === 'NEWEST' ? 'OLDEST' : 'NEWEST')"
            >
              Came
            </button>
            <template v-else>Came</template>
            <v-menu v-if="!forms" :close-on-content-click="false">
              <template #activator="{ props: menu }">
                <button type="button" class="textlink columns" v-bind="menu">columns</button>
              </template>
              <div class="choose">
                <v-checkbox
                  v-for="c in found.columns"
                  :key="c.key"
                  :model-value="keys.includes(c.key)"
                  :label="c.label"
                  @update:model-value="toggle(c.key)"
                />
              </div>
            </v-menu>
          </th>
        </tr>
      </thead>
      <tbody @keydown.down.prevent="step($event, 1)" @keydown.up.prevent="step($event, -1)">
        <tr
          v-for="r in rows"
          :key="r.id"
          :class="{ chosen: r.id === chosen, fresh: r.state === 'new' }"
          @click="emit('open', r.id)"
        >
          <td class="tick" @click.stop>
            <input
              type="checkbox"
              :checked="picked.includes(r.id)"
              :aria-label="`Choose no. ${r.number}`"
              @change="(e) => pick(r.id, inputOf(e).checked)"
            />
          </td>
          <td class="cut">{{ markOf(r.state) }} {{ r.state }}</td>
          <td v-if="forms" class="cut">{{ forms[r.form] ?? 'A form that was removed' }}</td>
          <td>
            <button
              type="button"
              class="name cut"
              dir="auto"
              :title="r.who"
              @click.stop="emit('open', r.id, $event.detail === 0)"
            >
              {{ r.who || r.email || `No. ${r.number}` }}
            </button>
          </td>
          <td v-for="c in columns" :key="c.key" class="cut" dir="auto" :title="saidOf(r, c.key)">
            {{ saidOf(r, c.key) }}
          </td>
          <td v-if="seated" class="cut" :class="{ should: r.place?.stands === 'WAITS' }">
            {{ standsWords(r.place) }}
          </td>
          <td
            v-if="saidOnPages"
            class="cut"
            :class="{ should: r.onPage && (!r.onPage.shown || r.onPage.reported) }"
          >
            {{ onPageWords(r.onPage) }}
          </td>
          <td class="quiet cut">{{ whenWords(r.came) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="!rows.length" class="none">{{ empty }}</p>
    <p v-else-if="rows.length < found.found" class="none">
      {{ rows.length }} of {{ found.found }}.
      <button type="button" class="textlink" @click="emit('more')">Show more</button>
    </p>
  </div>
</template>

<style scoped>
.table {
  flex: 1;
  min-height: 0;
  overflow: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  position: sticky;
  top: 0;
  z-index: 1;
  background: var(--paper);
  text-align: left;
  font-weight: 400;
  height: 32px;
  padding: 0 7px;
  border-bottom: 1px solid var(--line);
  white-space: nowrap;
  max-width: 136px;
  overflow: hidden;
  text-overflow: ellipsis;
}
td {
  height: 38px;
  padding: 0 7px;
  border-bottom: 1px solid var(--line2);
  max-width: 136px;
  font-size: 14px;
}
th:last-child {
  max-width: none;
}
tr.chosen td {
  background: var(--sheet);
}
tr.fresh .name {
  font-weight: 600;
}
.tick {
  width: 34px;
  padding-left: 16px;
}
.name {
  border: 0;
  background: none;
  padding: 0;
  font: 14.5px/24px var(--text);
  color: inherit;
  text-align: left;
  max-width: 100%;
}
.by {
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  color: inherit;
  min-height: 24px;
}
.by:hover {
  text-decoration: underline;
}
th[aria-sort='ascending'] .by::after {
  content: ' ↑';
}
th[aria-sort='descending'] .by::after {
  content: ' ↓';
}
.columns {
  margin-left: 8px;
  font-size: 12.5px;
}
.choose {
  background: var(--sheet);
  border: 1px solid var(--line);
  padding: 8px 14px;
  max-height: 320px;
  overflow-y: auto;
}
.none {
  padding: 20px 18px;
  color: var(--quiet);
}
</style>
