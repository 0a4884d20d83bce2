<script setup lang="ts">
import { watch } from 'vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import type { Header, Typed } from './asked'

/** How a content network is called: by which method, with which headers. One more row waits until there are five. */
defineProps<{ hint: string }>()
const draft = defineModel<Typed>({ required: true })
const MOST = 5
const METHODS = ['POST', 'PUT', 'PATCH', 'DELETE', 'PURGE'].map((value) => ({ value, title: value }))
const named = (h: Header) => h.name.trim() !== ''
watch(
  () => draft.value.headers,
  (rows) => {
    if (rows.length < MOST && rows.every(named)) rows.push({ name: '', value: '' })
  },
  { deep: true, immediate: true },
)
</script>

<template>
  <span class="label">By</span>
  <ChoiceOf v-model="draft.method" :items="METHODS" label="Method" />
  <span class="label">With headers</span>
  <div class="headers">
    <div v-for="(h, n) in draft.headers" :key="n" class="pair">
      <v-text-field
        v-model="h.name"
        dir="ltr"
        :aria-label="`Header ${n + 1}`"
        :placeholder="n ? 'one more' : 'Authorization'"
      />
      <v-text-field
        v-model="h.value"
        type="password"
        autocomplete="new-password"
        :aria-label="`Value of header ${n + 1}`"
        :placeholder="h.kept ? hint : 'its value'"
      />
    </div>
  </div>
</template>

<style scoped>
.headers {
  display: grid;
  gap: 6px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
</style>
