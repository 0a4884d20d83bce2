<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { get } from '@/api/client'
import type { PageSides } from '@/api/types'
import FilterTabs from '@/look/FilterTabs.vue'
import { useSite } from '@/site/useSite'
import DraggedEdge from './DraggedEdge.vue'
import PageWords from './PageWords.vue'

/**
 * Pages as they were and as they would be: drawn over each other with an edge between, or as words.
 *
 * @param before the edition on the left, as proofs know it, and its word
 * @param after the one on the right
 * @param pages the ids of pages to look at
 * @param more how many more a change alters than are shown
 */
const props = defineProps<{
  title: string
  pages: string[]
  more: number
  before: { of: string; word: string }
  after: { of: string; word: string }
}>()
const site = useSite()
const at = ref(0)
const as = ref<'drawn' | 'words' | 'narrow'>('drawn')
const sides = ref<PageSides | null>(null)
const TABS = [
  { key: 'drawn', name: 'drawn' },
  { key: 'words', name: 'words' },
  { key: 'narrow', name: 'narrow' },
] as const
const page = computed(() => props.pages[Math.min(at.value, props.pages.length - 1)])
const asks = computed(() => `${page.value} ${props.before.of} ${props.after.of}`)
watch(
  () => props.pages.join(),
  () => (at.value = 0),
)
watch(() => [asks.value, site.step], load, { immediate: true })
async function load() {
  const id = page.value
  if (!id) return (sides.value = null)
  const mine = asks.value
  const answer = await get('/api/sites/{site}/releases/compared/{page}', {
    path: { site: site.id, page: id },
    query: { before: props.before.of, after: props.after.of },
  })
  if (mine === asks.value) sides.value = answer.ok ? answer.value : null
}
function step(by: number) {
  at.value = (at.value + by + props.pages.length) % props.pages.length
}
const query = (of: string) => (of === 'now' ? '' : `of=${of}`)
</script>

<template>
  <section class="before-after" aria-label="Before and after">
    <header>
      <b class="cut grow" dir="auto">{{ title }}</b>
      <span v-if="pages.length > 1" class="pager quiet">
        <button type="button" class="textlink" aria-label="The page before" @click="step(-1)">‹</button>
        {{ at + 1 }} of {{ pages.length + more }}: <span dir="auto">{{ sides?.title }}</span>
        <button type="button" class="textlink" aria-label="The next page" @click="step(1)">›</button>
      </span>
      <FilterTabs v-if="page" v-model="as" :tabs="TABS" label="Before and after as" />
    </header>
    <slot />
    <p v-if="!page" class="quiet none">
      Nothing of it is drawn: no page shows it. What it changes stands in its line.
    </p>
    <PageWords v-else-if="as === 'words'" :sides="sides" :before="before.word" :after="after.word" />
    <DraggedEdge
      v-else
      :key="`${asks} ${as}`"
      :path="`page/${page}`"
      :width="as === 'narrow' ? 390 : 1200"
      :before="{ query: query(before.of), word: before.word, address: sides?.before }"
      :after="{ query: query(after.of), word: after.word, address: sides?.after }"
      :known="sides !== null"
    />
  </section>
</template>

<style scoped>
.before-after {
  display: flex;
  flex-direction: column;
  min-height: 0;
  flex: 1;
  padding: 9px 18px 12px;
  background: var(--table);
}
header {
  display: flex;
  align-items: baseline;
  gap: 14px;
  padding-bottom: 9px;
}
header > :deep(nav) {
  flex: none;
}
.pager {
  flex: 0 1 auto;
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.pager button {
  font-size: 17px;
  padding: 0 5px;
}
.none {
  padding: 30px 0;
  text-align: center;
}
</style>
