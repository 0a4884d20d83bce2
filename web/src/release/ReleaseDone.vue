<script setup lang="ts">
import { counted } from '@/words/counted'
import { useDeliveries } from '@/delivery/useDeliveries'
import type { Released } from './useReleasing'

/** What went live, with its links. */
defineProps<{ done: Released; origin: string }>()
const FEW = 8
const { all, have } = useDeliveries()
</script>

<template>
  <section class="done" role="status" tabindex="-1">
    <p>
      <b class="state LIVE">● Release {{ done.number }} is live.</b> {{ counted(done.changes, 'change') }}.
      <span v-if="all.length" :class="have(done.number) < all.length ? 'should' : 'quiet'"
        >Live here, delivered to {{ have(done.number) }} of {{ all.length }}.
      </span>
      <a :href="origin + '/'" target="_blank" rel="noopener">See the site</a>
    </p>
    <ul v-if="done.pages.length">
      <li v-for="p in done.pages.slice(0, FEW)" :key="p.id">
        <a :href="p.href" target="_blank" rel="noopener" dir="auto">{{ p.title }}</a>
      </li>
      <li v-if="done.pages.length > FEW" class="quiet">
        and {{ counted(done.pages.length - FEW, 'more page') }}
      </li>
    </ul>
  </section>
</template>

<style scoped>
.done {
  border-left: 3px solid var(--juniper);
  background: var(--juniper-wash);
  padding: 10px 14px;
  margin-bottom: 16px;
}
ul {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  margin-top: 4px;
}
</style>
