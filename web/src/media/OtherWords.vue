<script setup lang="ts">
import { computed, ref } from 'vue'
import type { MediaInfo } from '@/api/types'
import { useSite } from '@/site/useSite'
import { isForeign, languageName } from './languages'

/** What a picture shows, in the languages that pages are written in beside the site's own. */
const props = defineProps<{ media: MediaInfo }>()
const site = useSite()
const added = ref<string[]>([])
const offered = computed(() =>
  (site.catalog?.pageSettings.find((p) => p.key === 'language')?.choices ?? [])
    .map((c) => c.value)
    .filter((tag) => tag !== 'site' && isForeign(tag, site.catalog?.language)),
)
const shown = computed(() => [...new Set([...Object.keys(props.media.altIn), ...added.value])])
const left = computed(() => offered.value.filter((tag) => !shown.value.includes(tag)))

function write(language: string, event: Event) {
  const alt = (event.target as HTMLTextAreaElement).value.trim()
  void site.give(
    { verb: 'describe-media', media: props.media.id, alt: alt || undefined, decorative: false, language },
    props.media.id,
  )
}
function add(event: Event) {
  const select = event.target as HTMLSelectElement
  added.value.push(select.value)
  select.value = ''
}
</script>

<template>
  <div v-for="tag in shown" :key="tag">
    <label class="label" :for="`alt-${tag}`">The same in {{ languageName(tag) }}</label>
    <textarea
      :id="`alt-${tag}`"
      :value="media.altIn[tag] ?? ''"
      :lang="tag"
      rows="2"
      dir="auto"
      @change="write(tag, $event)"
    />
  </div>
  <select v-if="left.length" aria-label="Say it in another language" @change="add">
    <option value="">+ in another language</option>
    <option v-for="tag in left" :key="tag" :value="tag">{{ languageName(tag) }}</option>
  </select>
</template>

<style scoped>
.label {
  display: block;
  margin: 8px 0 3px;
}
textarea {
  width: 100%;
  border: 1px solid var(--line);
  border-radius: 3px;
  background: var(--sheet);
  color: inherit;
  font: 14px/20px var(--text);
  padding: 5px 9px;
}
select {
  border: 0;
  background: none;
  color: var(--juniper);
  font: 13px/20px var(--text);
  margin: 4px 0;
  text-decoration: underline;
}
</style>
