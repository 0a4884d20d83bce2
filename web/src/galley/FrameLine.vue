<script setup lang="ts">
import { computed } from 'vue'
import type { PageDetail } from '@/api/types'
import { useGalley } from './useGalley'

/** What visitors don't get around a page in a bare frame, and where its title stands then. */
const props = defineProps<{ html: string }>()
const galley = useGalley()
const NAMES: Record<PageDetail['lacks'][number], string> = {
  HEADER: 'header',
  TITLE_BAND: 'title band',
  FOOTER: 'footer',
}
const OR = new Intl.ListFormat('en-GB', { type: 'disjunction' })
const lacks = computed(() => galley.page.value?.lacks ?? [])
/** Whoever renders the page knows whether one of its headings serves as its title. */
const isUntitled = computed(() => /<h1 class="unseen"/.test(props.html))
</script>

<template>
  <p v-if="isUntitled || lacks.some((l) => l !== 'TITLE_BAND')" class="quiet around">
    Visitors get no {{ OR.format(lacks.map((l) => NAMES[l])) }} here: its template has none.
    <span v-if="isUntitled" class="should"
      >Its title stands nowhere on the page: only in the browser’s tab, and for screen readers.</span
    >
    <template v-else-if="lacks.includes('TITLE_BAND')">The first heading below serves as its title.</template>
  </p>
</template>

<style scoped>
.around {
  margin-bottom: 16px;
}
</style>
