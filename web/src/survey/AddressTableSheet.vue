<script setup lang="ts">
import { computed, ref } from 'vue'
import { post } from '@/api/client'
import type { AddressRow } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import TableGiven from '@/look/TableGiven.vue'
import { useSite } from '@/site/useSite'
import { useTableReading } from '@/site/useTableReading'
import { counted } from '@/words/counted'

/** Addresses that lead on, read from a table: what each row would do, before any of it is done. */
const emit = defineEmits<{ close: [] }>()
const FIRST = 60
const site = useSite()
const text = ref('')
const at = { path: { site: site.id } }
const {
  read: rows,
  trouble,
  busy,
  taken,
} = useTableReading(
  computed(() => ({ text: text.value })),
  (given) => post('/api/sites/{site}/addresses/leading/read', at, given),
  (given) => post('/api/sites/{site}/addresses/leading/take', at, given),
)
const of = (does: AddressRow['does']) => (rows.value ?? []).filter((r) => r.does === does)
const doing = computed(() => [...of('NEW'), ...of('OTHERWISE')])
const refused = computed(() => of('REFUSED'))
async function take() {
  if (await taken()) emit('close')
}
</script>

<template>
  <SheetDialog title="Addresses from a table" size="wide" @close="emit('close')">
    <p class="quiet">
      Two columns with headings: <b>From</b>, and <b>To</b>, which is the address of a page here (a section
      behind #), one that begins with https://, or “gone”. <span class="mono">/shop/*</span> is a whole
      branch.
    </p>
    <TableGiven v-model="text" example="From,To&#10;/open-house,/visit/open-nights&#10;/shop/*,gone" />
    <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
    <template v-if="rows">
      <p role="status">
        <b>{{ counted(of('NEW').length, 'new one', 'new ones') }}</b>
        · {{ of('OTHERWISE').length }} lead elsewhere than now · {{ of('NOTHING').length }} as they are
        <template v-if="refused.length"
          >· <b class="should">{{ refused.length }} refused</b></template
        >
      </p>
      <ul class="report">
        <li v-for="r in refused.slice(0, FIRST)" :key="r.number">
          <b>Row {{ r.number }}</b> <span class="mono">{{ r.from }}</span>
          <span class="should">{{ r.why }}</span>
        </li>
        <li v-for="r in doing.slice(0, FIRST)" :key="r.number">
          <b>Row {{ r.number }}</b> <span class="mono">{{ r.from }} → {{ r.to }}</span>
        </li>
        <li v-if="doing.length + refused.length > 2 * FIRST" class="quiet">and more</li>
      </ul>
    </template>
    <div class="row-flex foot">
      <v-btn class="yes" :disabled="!doing.length || busy" @click="take"
        >Take in {{ counted(doing.length, 'row')
        }}{{ refused.length ? `, leave out ${refused.length}` : '' }}</v-btn
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
