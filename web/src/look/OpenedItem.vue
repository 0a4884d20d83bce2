<script setup lang="ts">
import { computed } from 'vue'
import type { RouteLocationRaw } from 'vue-router'
import type { Problem } from '@/api/client'

/** A screen of one item: it stands, is gone, or can't be had for now. */
const props = defineProps<{
  noun: string
  /** Which is to be opened, and which is there: none, or still the one before. */
  id: string
  found: string | undefined
  problem: Problem | null
  /** Where all of its sort are. */
  all: RouteLocationRaw
}>()
const awaited = computed(() => props.found !== props.id)
</script>

<template>
  <div v-if="problem && (problem.status === 404 || awaited)" class="gone" role="status">
    <template v-if="problem.status === 404">
      <h1>This {{ noun }} is not there any more</h1>
      <p class="quiet">
        It was removed, or the address is mistyped. What was removed can be put back by whoever removed it.
      </p>
    </template>
    <template v-else>
      <h1>This {{ noun }} can’t be opened now</h1>
      <p class="quiet">{{ problem.detail }} It opens by itself as soon as it can be had.</p>
    </template>
    <router-link :to="all">Back to the {{ noun === 'page' ? 'Plan' : `${noun}s` }}</router-link>
  </div>
  <!-- What is still the one before is neither written in nor acted on. -->
  <slot v-else-if="found" :still="awaited" />
</template>

<style scoped>
.gone {
  padding: 80px;
}
</style>
