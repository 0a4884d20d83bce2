<script setup lang="ts">
import { computed, ref } from 'vue'
import { addressOf, post } from '@/api/client'
import SheetDialog from '@/look/SheetDialog.vue'
import TableGiven from '@/look/TableGiven.vue'
import { useSite } from '@/site/useSite'
import { useTableReading } from '@/site/useTableReading'
import { counted } from '@/words/counted'

/** Members from a table, and as one: what each row would do is told before any of it is done. */
const emit = defineEmits<{ close: []; taken: [] }>()
const FIRST = 60
const site = useSite()
const text = ref('')
const at = { path: { site: site.id } }
const csv = computed(() => addressOf('/api/sites/{site}/members/table', at))
const { read, trouble, busy, taken } = useTableReading(
  computed(() => ({ text: text.value })),
  (given) => post('/api/sites/{site}/members/table/read', at, given),
  (given) => post('/api/sites/{site}/members/table/take', at, given),
)
const of = (does: string) => read.value?.counts[does] ?? 0
const doing = computed(() => of('NEW') + of('OTHERWISE'))
const refused = computed(() => (read.value?.rows ?? []).filter((r) => r.does === 'REFUSED'))
async function take() {
  if (!(await taken())) return
  emit('taken')
  emit('close')
}
</script>

<template>
  <SheetDialog title="Members as a table" size="wide" @close="emit('close')">
    <p class="quiet">
      Columns with headings: <b>E-mail</b>, and where they are to change <b>Name</b>, <b>Groups</b> (with |
      between them) and what is kept, by its short name. New members sign in by a link. Nobody is removed.
      <a :href="csv" download="members.csv">All members as a table</a>
    </p>
    <TableGiven
      v-model="text"
      example="E-mail,Name,Groups&#10;rhona@vale.example,Rhona Vale,Crew | Friends"
    />
    <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
    <template v-if="read">
      <p role="status">
        <b>{{ counted(of('NEW'), 'new member') }}</b> · {{ of('OTHERWISE') }} otherwise than now ·
        {{ of('NOTHING') }} as they are
        <template v-if="of('REFUSED')"
          >· <b class="should">{{ of('REFUSED') }} refused</b></template
        >
      </p>
      <ul v-if="refused.length" class="report">
        <li v-for="r in refused.slice(0, FIRST)" :key="r.number">
          <b>Row {{ r.number }}</b> {{ r.email }} <span class="should">{{ r.why }}</span>
        </li>
      </ul>
    </template>
    <div class="row-flex foot">
      <v-btn class="yes" :disabled="!doing || busy" @click="take"
        >Take in {{ counted(doing, 'row') }}{{ of('REFUSED') ? `, leave out ${of('REFUSED')}` : '' }}</v-btn
      >
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.report {
  list-style: none;
  max-height: 220px;
  overflow-y: auto;
  overflow-wrap: anywhere;
  margin-top: 6px;
}
</style>
