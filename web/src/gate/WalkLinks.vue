<script setup lang="ts">
import { computed } from 'vue'
import { useSite } from '@/site/useSite'
import type { Lane } from './gates'
import { walkHref } from './walkHref'

/** As whom pages are looked at, and the way to walk the whole site so, in a window of its own. */
const props = defineProps<{ lanes: Lane[]; address: string }>()
const as = defineModel<string>({ required: true })
const site = useSite()
const walkers = computed(() => [
  ...props.lanes
    .filter((l) => !l.robots)
    .map((l) => ({ ...l, label: l.key === 'stranger' ? 'a stranger' : l.label })),
  { key: 'us', label: 'one of us' },
])
const href = (of: 'working' | 'live') => walkHref(site.standing?.proofs ?? '', as.value, of, props.address)
</script>

<template>
  <div class="walk">
    <span class="quiet">Walk the site as</span>
    <button
      v-for="w in walkers"
      :key="w.key"
      type="button"
      class="as"
      :aria-pressed="as === w.key"
      @click="as = w.key"
    >
      {{ w.label }}
    </button>
    <v-menu>
      <template #activator="{ props: menu }"><v-btn v-bind="menu">in a window ↗</v-btn></template>
      <v-list>
        <v-list-item
          title="The working copy"
          subtitle="With every change that is kept"
          :href="href('working')"
          target="_blank"
          rel="noopener"
        />
        <v-list-item
          title="The live site"
          subtitle="As it was released"
          :disabled="!site.standing?.release"
          :href="href('live')"
          target="_blank"
          rel="noopener"
        />
      </v-list>
    </v-menu>
  </div>
</template>

<style scoped>
.walk {
  display: flex;
  align-items: center;
  gap: 4px 14px;
  flex-wrap: wrap;
  margin-left: auto;
}
.as {
  border: 0;
  background: none;
  padding: 3px 0;
  font: inherit;
  color: inherit;
}
.as[aria-pressed='true'] {
  font-weight: 600;
  box-shadow: inset 0 -2px 0 var(--ink);
}
</style>
