<script setup lang="ts">
import { computed, ref } from 'vue'
import { post } from '@/api/client'
import type { ListRow } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import TableGiven from '@/look/TableGiven.vue'
import { useSite } from '@/site/useSite'
import { useTableReading } from '@/site/useTableReading'
import { counted } from '@/words/counted'

/** Readers from a table, and as one: nobody comes in of whom it isn’t said how they agreed. */
const props = defineProps<{ list: ListRow; csv: string }>()
const emit = defineEmits<{ close: []; taken: [] }>()
const FIRST = 60
const site = useSite()
const text = ref('')
const agreed = ref('')
const at = { path: { site: site.id, list: props.list.id } }
const { read, trouble, busy, taken } = useTableReading(
  computed(() => ({ text: text.value, agreed: agreed.value })),
  (given) => post('/api/sites/{site}/subscribers/{list}/read', at, { ...given, take: false }),
  (given) => post('/api/sites/{site}/subscribers/{list}/read', at, { ...given, take: true }),
)
const told = computed(() => (read.value?.rows ?? []).filter((r) => r.why))
async function take() {
  if (!(await taken())) return
  emit('taken')
  emit('close')
}
</script>

<template>
  <SheetDialog title="Readers as a table" size="wide" @close="emit('close')">
    <p class="quiet">
      Columns with headings: <b>E-mail</b>, and where you have them <b>Name</b> and <b>Agreed</b>: how and
      when each agreed to get letters. Whoever left stays away.
      <a :href="csv" download="subscribers.csv">All of this list as a table</a>
    </p>
    <TableGiven
      v-model="text"
      example="E-mail,Name,Agreed&#10;rhona@vale.example,Rhona Vale,Signed the list at the May open night"
    />
    <label class="block">
      <span class="label">How those agreed whose row doesn’t say it</span>
      <input
        v-model="agreed"
        class="boxed"
        maxlength="500"
        placeholder="On paper at the open nights of 2025; the sheets are in the office"
      />
    </label>
    <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
    <template v-if="read">
      <p role="status" class="gap">
        <b>{{ counted(read.fresh, 'new reader') }}</b> · {{ read.known }} left as they are
        <template v-if="read.refused"
          >· <b class="should">{{ read.refused }} refused</b></template
        >
      </p>
      <ul v-if="told.length" class="report">
        <li v-for="r in told.slice(0, FIRST)" :key="r.number">
          <b>Row {{ r.number }}</b> {{ r.email }}
          <span :class="r.refused ? 'should' : 'quiet'">{{ r.why }}</span>
        </li>
      </ul>
    </template>
    <div class="row-flex foot">
      <v-btn class="yes" :disabled="!read?.fresh || busy" @click="take"
        >Bring in {{ counted(read?.fresh ?? 0, 'reader') }}</v-btn
      >
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.block {
  display: grid;
  gap: 4px;
  margin-top: 12px;
}
.report {
  list-style: none;
  max-height: 200px;
  overflow-y: auto;
  overflow-wrap: anywhere;
  margin-top: 6px;
}
</style>
