<script setup lang="ts">
import { computed } from 'vue'
import { post } from '@/api/client'
import PlanReport from '@/plan/PlanReport.vue'
import { useSite } from '@/site/useSite'
import { useTableReading } from '@/site/useTableReading'
import { counted } from '@/words/counted'
import { useNewPageHere } from './useNewPage'

/** Several names of which some stand beneath others, or name their kinds: what each comes to, before any is made. */
const emit = defineEmits<{ made: [count: number] }>()
const site = useSite()
const { form, forget } = useNewPageHere()
const at = { path: { site: site.id } }
const { read, trouble, busy, taken } = useTableReading(
  computed(() => ({ text: form.names, list: true, parent: form.parent ?? undefined, kind: form.kind })),
  (given) => post('/api/sites/{site}/plan/table/read', at, given),
  (given) => post('/api/sites/{site}/plan/table/take', at, given),
)
const fresh = computed(() => new Map(Object.entries(read.value?.counts ?? {})).get('NEW') ?? 0)
async function make() {
  const count = fresh.value
  if (!count || !(await taken())) return
  forget()
  emit('made', count)
}
defineExpose({ make })
</script>

<template>
  <p class="label">
    Lines that are set in stand beneath the line above. Each page wears what its kind usually wears.
  </p>
  <PlanReport v-if="read" :read="read" />
  <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
  <v-btn class="yes gap" :disabled="!fresh || busy" @click="make"
    >Make {{ counted(fresh, 'page') }}<span class="kbd">Ctrl Enter</span></v-btn
  >
</template>
