<script setup lang="ts">
import type { WaitingChange } from '@/api/types'
import { counted } from '@/words/counted'
import { clockWords } from '@/words/clockWords'

/** How far a change reaches, and what else is to be known of it, at the right of its line. */
defineProps<{ change: WaitingChange }>()
</script>

<template>
  <div class="tags quiet">
    <span v-if="change.mustFix" class="must">◆ must fix</span>
    <span v-if="change.setFor" class="should">set for {{ clockWords(change.setFor) }}</span>
    <span v-if="change.redirects">{{ counted(change.redirects, 'redirect') }}</span>
    <span v-if="change.menus">menu follows</span>
    <span v-if="change.reaches > 1">{{ counted(change.reaches, 'page') }}</span>
  </div>
</template>

<style scoped>
.tags {
  flex: none;
  max-width: 128px;
  display: flex;
  flex-direction: column;
  align-items: flex-end;
  text-align: end;
  font-size: 12.5px;
}
</style>
