<script setup lang="ts">
import { computed, ref } from 'vue'
import type { MediaInfo } from '@/api/types'
import { useSite } from '@/site/useSite'
import WrittenInput from '@/edit/WrittenInput.vue'
import { isForeign, languageName } from '@/site/languages'

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

function write(language: string, words: string) {
  const alt = words.trim()
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
    <WrittenInput
      :id="`alt-${tag}`"
      class="boxed"
      :value="media.altIn[tag]"
      :lang="tag"
      :rows="2"
      @written="(words) => write(tag, words)"
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
select {
  border: 0;
  background: none;
  color: var(--juniper);
  font: 13px/20px var(--text);
  margin: 4px 0;
  text-decoration: underline;
}
</style>
