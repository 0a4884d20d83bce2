<script setup lang="ts">
import { computed, ref } from 'vue'
import { addressOf, post } from '@/api/client'
import SheetDialog from '@/look/SheetDialog.vue'
import TableGiven from '@/look/TableGiven.vue'
import { useSite } from '@/site/useSite'
import { useTableReading } from '@/site/useTableReading'
import { counted } from '@/words/counted'
import PlanReport from './PlanReport.vue'

/** The plan as a table: saved, and read with a report of what each row would do before any of it is done. */
const emit = defineEmits<{ close: [] }>()
const LONG_MS = 300_000
const site = useSite()
const text = ref('')
const at = { path: { site: site.id } }
const csv = computed(() => addressOf('/api/sites/{site}/plan/table', at))
const { read, trouble, busy, taken } = useTableReading(
  computed(() => ({ text: text.value, list: false })),
  (given) => post('/api/sites/{site}/plan/table/read', at, given, LONG_MS),
  (given) => post('/api/sites/{site}/plan/table/take', at, given, LONG_MS),
)
const count = (does: string) => new Map(Object.entries(read.value?.counts ?? {})).get(does) ?? 0
const doing = computed(() => count('NEW') + count('CHANGED') + count('MOVED'))
async function take() {
  if (doing.value && (await taken())) emit('close')
}
</script>

<template>
  <SheetDialog title="The plan as a table" size="wide" @close="emit('close')">
    <p class="quiet gap">
      <a class="textlink" :href="csv" download>Save it as CSV</a>, change it in a spreadsheet, and bring it
      back here; or bring the outline of another site. A row without an Id whose address is new makes a page.
      Nothing is done before you say so.
    </p>
    <TableGiven
      v-model="text"
      label="Rows of the plan, headings first"
      example="Title,Address,Kind,Menus&#10;Courses,/courses,,Main&#10;Spinning,/courses/spinning,,"
    />
    <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
    <PlanReport v-if="read" :read="read" />
    <p v-if="busy" class="quiet" role="status">Taking it in…</p>
    <div class="row-flex foot">
      <v-btn class="yes" :disabled="!doing || busy" @click="take"
        >Take in {{ counted(doing, 'row')
        }}{{ count('REFUSED') ? `, leave out ${count('REFUSED')}` : '' }}</v-btn
      >
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
      <span class="label">It is undone in one step.</span>
    </div>
  </SheetDialog>
</template>
