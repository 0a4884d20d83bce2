<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'

/** A page of a beginning, as small as its place; `tall` is its height by its width. */
const { beginning, page, tall } = defineProps<{
  beginning: string
  page: string
  title: string
  tall: number
}>()
const FULL = 1180
const place = ref<HTMLElement | null>(null)
const { width } = useElementSize(place)
const scale = computed(() => (width.value || 100) / FULL)
</script>

<template>
  <div ref="place" class="drawn" :style="{ aspectRatio: `1 / ${tall}` }">
    <iframe
      :src="`/-/beginning/${beginning}/${page}`"
      :title="title"
      sandbox=""
      tabindex="-1"
      loading="lazy"
      scrolling="no"
      :style="{ width: `${FULL}px`, height: `${FULL * tall}px`, transform: `scale(${scale})` }"
    />
  </div>
</template>

<style scoped>
.drawn {
  overflow: hidden;
  border: 1px solid var(--line);
  background: #fff;
  position: relative;
}
iframe {
  border: 0;
  transform-origin: 0 0;
  pointer-events: none;
  display: block;
}
</style>
