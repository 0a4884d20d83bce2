<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { post } from '@/api/client'
import { said } from '@/api/said'
import type { PlanRead } from '@/api/types'
import PlanReport from '@/plan/PlanReport.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { useNewPageHere } from './useNewPage'

/** Several names of which some stand beneath others, or name their kinds: what each comes to, before any is made. */
const emit = defineEmits<{ made: [count: number] }>()
const SOON = 300
const site = useSite()
const { form, forget } = useNewPageHere()
const read = ref<PlanRead | null>(null)
const trouble = ref('')
const busy = ref(false)
const given = computed(() => ({
  text: form.names,
  list: true,
  parent: form.parent ?? undefined,
  kind: form.kind,
}))
const fresh = computed(() => new Map(Object.entries(read.value?.counts ?? {})).get('NEW') ?? 0)
const look = useDebounceFn(async () => {
  const asked = given.value
  const answer = await post('/api/sites/{site}/plan/table/read', { path: { site: site.id } }, asked)
  if (asked !== given.value) return
  read.value = answer.ok ? answer.value : null
  trouble.value = answer.ok ? '' : said(answer.problem)
}, SOON)
watch(given, look, { immediate: true })
async function make() {
  if (busy.value || !fresh.value) return
  busy.value = true
  const answer = await post('/api/sites/{site}/plan/table/take', { path: { site: site.id } }, given.value)
  busy.value = false
  trouble.value = answer.ok ? '' : said(answer.problem)
  if (!answer.ok) return
  const count = fresh.value
  await site.refresh()
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
