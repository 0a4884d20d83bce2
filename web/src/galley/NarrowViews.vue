<script lang="ts">
/** What stands in the window where there is room for one thing. */
export type View = 'galley' | 'proof' | 'facts'
</script>

<script setup lang="ts">
import FilterTabs from '@/look/FilterTabs.vue'
import { useNarrow } from '@/look/useNarrow'

/** Turns from the galley to the proof and to the facts; seen only where they don't fit side by side. */
const view = defineModel<View>({ required: true })
const narrow = useNarrow()
const TABS = [
  { key: 'galley', name: 'Galley' },
  { key: 'proof', name: 'Proof' },
  { key: 'facts', name: 'Facts' },
]
</script>

<template>
  <FilterTabs v-if="narrow" v-model="view" class="narrow-views" :tabs="TABS" label="What is shown" />
</template>

<style>
@media (max-width: 820px) {
  .narrow-views {
    padding: 6px 14px;
    border-bottom: 1px solid var(--line);
  }
  .screen[data-view]:not([data-view='proof']) .split > [aria-label='Proof'],
  .screen[data-view]:not([data-view='galley']) .split > .galley,
  .screen[data-view]:not([data-view='galley']) .split > [aria-label='Form'],
  .screen[data-view]:not([data-view='facts']) .strip > .fact:not(.ways) {
    display: none;
  }
  .screen[data-view='proof'] .split {
    display: grid !important;
    grid-template-columns: 1fr !important;
  }
  .screen[data-view='facts'] .strip > .fact {
    flex: 1 0 100%;
    height: auto;
    min-height: 44px;
    border-left: 0;
    border-top: 1px solid var(--line2);
  }
}
</style>
