<script setup lang="ts">
import type { MediaInfo } from '@/api/types'
import { useSite } from '@/site/useSite'
import { keptDayWords } from '@/words/dates'
import { weight } from './weight'

defineProps<{ media: MediaInfo }>()
const emit = defineEmits<{ forget: [file: string] }>()
const site = useSite()
</script>

<template>
  <h2>Earlier versions</h2>
  <ul class="versions" aria-label="Earlier versions">
    <li v-for="e in media.earlier" :key="e.file">
      <a :href="site.standing?.origin + e.path" target="_blank" rel="noopener">{{
        e.since ? keptDayWords(e.since) : 'of a day unknown'
      }}</a>
      <span class="quiet grow">{{ e.format.toUpperCase() }}, {{ weight(e.bytes) }}</span>
      <v-btn
        class="danger"
        :aria-label="`Forget the version of ${e.since ? keptDayWords(e.since) : 'a day unknown'}`"
        @click="emit('forget', e.file)"
        >Forget</v-btn
      >
    </li>
  </ul>
</template>

<style scoped>
h2 {
  font-size: 15px;
  margin-top: 14px;
}
.versions {
  list-style: none;
}
li {
  display: flex;
  align-items: baseline;
  gap: 8px;
}
.grow {
  flex: 1;
}
</style>
