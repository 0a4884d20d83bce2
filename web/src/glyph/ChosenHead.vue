<script setup lang="ts">
import type { PageDetail } from '@/api/types'
import TemplateGlyph from './TemplateGlyph.vue'

/** What the chosen page is, at the head of its card, and the way to it. */
defineProps<{ page: PageDetail; strong?: boolean }>()
const emit = defineEmits<{ open: [] }>()
</script>

<template>
  <div class="top">
    <TemplateGlyph :template="page.template" :wide="38" />
    <div class="grow">
      <h2 class="cut" dir="auto" :title="page.title">{{ page.title }}</h2>
      <div class="mono cut">{{ page.address }}</div>
    </div>
    <v-btn :class="{ ink: strong }" @click="emit('open')">Open<span class="kbd">Enter</span></v-btn>
  </div>
</template>

<style scoped>
.top {
  display: flex;
  gap: 12px;
  align-items: center;
}
</style>
