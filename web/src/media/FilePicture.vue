<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { MediaInfo } from '@/api/types'
import { useSite } from '@/site/useSite'

/** A file as it is seen where files are chosen: a picture small, a document's first page, for all else what it is. */
const props = defineProps<{ media: MediaInfo }>()
const site = useSite()
const missing = ref(false)
const src = computed(() => {
  const { thumb, format, id } = props.media
  if (thumb) return site.standing?.origin + thumb
  return format === 'pdf' ? `/api/sites/${site.id}/media/${id}/first-page` : undefined
})
watch(
  () => props.media.path,
  () => (missing.value = false),
)
</script>

<template>
  <img
    v-if="src && !missing"
    :key="media.path"
    class="file"
    :class="{ page: !media.thumb }"
    :src="src"
    alt=""
    loading="lazy"
    draggable="false"
    @error="missing = true"
  />
  <span v-else class="file sort mono">{{ media.format }}</span>
</template>

<style scoped>
.file {
  width: 100%;
  object-fit: cover;
}
.page {
  object-fit: contain;
  background: var(--table);
  border: 1px solid var(--line);
}
.sort {
  display: grid;
  place-items: center;
  background: var(--table);
}
</style>
