<script setup lang="ts">
import { computed, ref } from 'vue'
import type { MediaInfo } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
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
  <div v-if="left.length">
    <span class="label">+ in another language</span>
    <ChoiceOf
      :items="left.map((tag) => ({ value: tag, title: languageName(tag) }))"
      label="Say it in another language"
      @update:model-value="(tag?: string) => tag && added.push(tag)"
    />
  </div>
</template>

<style scoped>
.label {
  display: block;
  margin: 8px 0 3px;
}
</style>
