<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import PropertyInput from '@/property/PropertyInput.vue'
import { useGalley } from './useGalley'
import { textOf } from '@/property/values'

const galley = useGalley()
const page = computed(() => galley.page.value!)
const open = useLocalStorage('venue-facts-open', false)
const summary = computed(() => {
  const fields = page.value.fieldList.filter((f) => f.type !== 'PICTURE' && textOf(page.value.fields[f.key]))
  return fields.map((f) => textOf(page.value.fields[f.key])).join(' · ') || 'Nothing written yet'
})
</script>

<template>
  <details class="facts" :open="open" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>
      <b>Facts of this {{ page.kindName.toLowerCase() }}</b>
      <span class="quiet cut grow">{{
        open ? 'shown in listings, in the title band and where elements are bound to them' : summary
      }}</span>
    </summary>
    <div class="fields">
      <PropertyInput
        v-for="f in page.fieldList"
        :key="f.key"
        :property="f"
        :value="page.fields[f.key]"
        :class="{ wide: f.type === 'LINES' || f.type === 'RICH' || f.type === 'PICTURE' }"
        @change="(v) => galley.set(null, null, f.key, v === '' ? undefined : v)"
        @leave="galley.leave()"
      />
    </div>
  </details>
</template>

<style scoped>
.facts {
  border: 1px solid var(--line);
  border-radius: 3px;
  background: var(--sheet);
  margin-bottom: 16px;
}
summary {
  display: flex;
  gap: 10px;
  padding: 8px 12px;
  cursor: pointer;
  white-space: nowrap;
}
summary::before {
  content: '▸';
  color: var(--quiet);
}
[open] summary::before {
  content: '▾';
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 12px;
  padding: 4px 12px 14px;
}
.wide {
  grid-column: 1 / -1;
}
</style>
