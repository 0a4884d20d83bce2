<script setup lang="ts">
import ChoiceOf from '@/look/ChoiceOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import TableGiven from '@/look/TableGiven.vue'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { freshId, post, type Problem } from '@/api/client'
import type { KindDetail, TableRead } from '@/api/types'
import { counted } from '@/words/counted'
import { useSite } from '@/site/useSite'

/** Reads a table into entries: which column is what, which rows fit, and why the others don't, before anything is kept. */
const props = defineProps<{ kind: KindDetail; given: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const text = ref(props.given)
const read = ref<TableRead | null>(null)
const columns = ref<string[] | null>(null)
const problem = ref<Problem | null>(null)
const kept = ref('')
const busy = ref(false)
const AT_ONCE = 500
const FIRST = 40
const choices = computed(() => [
  { value: '', title: 'left out' },
  { value: 'name', title: 'Name' },
  ...props.kind.fields
    .map((u) => u.field)
    .filter((f) => f.type !== 'MANY')
    .map((f) => ({ value: f.key, title: f.label })),
])
const fit = computed(() => (read.value?.rows ?? []).filter((r) => !r.troubles.length))
const unfit = computed(() => (read.value?.rows ?? []).filter((r) => r.troubles.length))

async function look() {
  kept.value = ''
  if (!text.value.trim()) return (read.value = problem.value = null)
  const answer = await post(
    '/api/sites/{site}/kinds/{id}/entries/read',
    { path: { site: site.id, id: props.kind.id } },
    {
      text: text.value,
      columns: columns.value ?? undefined,
    },
  )
  problem.value = answer.ok ? null : answer.problem
  read.value = answer.ok ? answer.value : null
  if (answer.ok) columns.value = answer.value.columns
}
const soon = useDebounceFn(look, 250)
watch(
  text,
  () => {
    columns.value = null
    void soon()
  },
  { immediate: true },
)
function map(index: number, to: string) {
  columns.value = (columns.value ?? []).map((c, i) => (i === index ? to : c === to && to ? '' : c))
  void look()
}
/** Some at a time; all of them are one step to take back. */
async function keep() {
  if (busy.value) return
  busy.value = true
  const group = freshId()
  let count = 0
  const rows = [...fit.value]
  while (rows.length) {
    const some = rows.splice(0, AT_ONCE)
    const entries = some.map((r) => ({ id: freshId(), name: r.name, fields: r.fields, reset: [] }))
    const answer = await site.give(
      { verb: 'put-entries', kind: props.kind.id, entries: entries },
      null,
      group,
    )
    if (!answer.ok) break
    count += some.length
  }
  busy.value = false
  kept.value = `${counted(count, 'entry', 'entries')} kept.`
  if (!unfit.value.length) emit('close')
}
</script>

<template>
  <SheetDialog :title="`Read a table into ${kind.name}`" size="wide" @close="emit('close')">
    <p class="quiet">
      Paste rows from a spreadsheet, headings first, or choose a CSV file. Nothing is kept before you say so.
    </p>
    <TableGiven v-model="text" :rows="5" />
    <p v-if="problem" class="must" role="alert">{{ problem.detail }} {{ problem.fix }}</p>
    <template v-if="read">
      <h3>Which column is what</h3>
      <div class="map">
        <div v-for="(heading, i) in read.headings" :key="i">
          <span class="label cut">{{ heading || `Column ${i + 1}` }}</span>
          <ChoiceOf
            :model-value="columns?.[i] ?? ''"
            :items="choices"
            :label="`What “${heading}” is`"
            @update:model-value="(v?: string) => map(i, String(v))"
          />
        </div>
      </div>
      <p class="report" role="status">
        <b>{{ counted(fit.length, 'row fits', 'rows fit') }}</b><template v-if="unfit.length"
          >, {{ counted(unfit.length, 'row does', 'rows do') }} not:</template
        >
      </p>
      <ul v-if="unfit.length" class="unfit">
        <li v-for="r in unfit.slice(0, FIRST)" :key="r.number">
          <b>Row {{ r.number }}</b> {{ r.name }} <span class="should">{{ r.troubles.join(' ') }}</span>
        </li>
        <li v-if="unfit.length > FIRST" class="quiet">and {{ unfit.length - FIRST }} more</li>
      </ul>
    </template>
    <p v-if="kept" role="status">{{ kept }}</p>
    <div class="row-flex foot">
      <v-btn class="yes" :disabled="!fit.length || busy || !!kept" @click="keep"
        >Keep {{ counted(fit.length, 'entry', 'entries') }}</v-btn
      >
      <v-btn @click="emit('close')">{{ kept ? 'Done' : 'Leave it' }}<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
h3 {
  font: 600 16px/22px var(--display);
  margin: 14px 0 6px;
}
.map {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px;
}
.map label {
  min-width: 0;
}
.report {
  margin-top: 12px;
}
.unfit {
  list-style: none;
  max-height: 180px;
  overflow-y: auto;
}
</style>
