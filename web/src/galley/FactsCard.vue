<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import type { Property } from '@/api/types'
import { useSite } from '@/site/useSite'
import { keptDayWords } from '@/words/dates'
import PropertyInput from '@/property/PropertyInput.vue'
import { useGalley } from './useGalley'
import { textOf } from '@/property/values'

const galley = useGalley()
const site = useSite()
const page = computed(() => galley.page.value!)
const open = useLocalStorage('venue-facts-open', false)
/** A field as people write it: days in words, pages by their names, choices as they are read. */
function words(field: Property): string {
  const text = textOf(page.value.fields[field.key])
  if (field.type === 'PICTURE' || field.type === 'FILE' || !text) return ''
  if (field.type === 'DATE' || field.type === 'DATE_TIME') return keptDayWords(text)
  if (field.type === 'CHOICE') return field.choices.find((c) => c.value === text)?.label ?? text
  if (field.type === 'YES_NO') return field.label
  return site.rows.get(text.replace(/^page:/, ''))?.title ?? text
}
const summary = computed(
  () => page.value.fieldList.map(words).filter(Boolean).join(' · ') || 'Nothing written yet',
)
const seen = computed(() =>
  page.value.lacks.includes('TITLE_BAND')
    ? 'shown in listings and where elements are bound to them; this page has no title band'
    : 'shown in listings, in the title band and where elements are bound to them',
)
</script>

<template>
  <details class="facts" :open="open" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>
      <b>Facts of this {{ page.kindName.toLowerCase() }}</b>
      <span class="quiet cut grow">{{ open ? seen : summary }}</span>
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
