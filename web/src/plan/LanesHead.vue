<script setup lang="ts">
import type { Catalog } from '@/api/types'
import { useMenuSheet } from '@/site/useMenuSheet'
import { useSite } from '@/site/useSite'

/** What the lanes beside the plan's rows are; a menu's name leads to its lines. */
defineProps<{ lanes: Catalog['menus'] }>()
const site = useSite()
const menus = useMenuSheet()
</script>

<template>
  <div class="lanes-head label">
    <span class="grow"><slot /></span>
    <button
      type="button"
      class="textlink all-menus"
      @click="menus.open(site.catalog?.menus[0]?.id ?? 'none')"
    >
      Menus…
    </button>
    <button
      v-for="m in lanes"
      :key="m.id"
      type="button"
      class="lane menu-lane cut"
      :aria-label="`${m.name}: its lines…`"
      :title="`Order and name the lines of ${m.name}`"
      @click="menus.open(m.id)"
    >
      {{ m.name }}
    </button>
    <span class="lane" aria-hidden="true">Sitemap</span>
    <span class="lane wide" aria-hidden="true">State</span>
    <span class="lane num" aria-hidden="true">To fill</span>
    <span class="lane num" aria-hidden="true">Findings</span>
  </div>
</template>

<style scoped src="@/look/lanesHead.css"></style>
<style scoped>
.lanes-head {
  --lane: 56px;
}
@media (max-width: 820px) {
  .lanes-head {
    display: none;
  }
}
.all-menus {
  font-size: 12.5px;
  margin-right: 10px;
}
.menu-lane {
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  letter-spacing: inherit;
  text-transform: inherit;
  color: inherit;
  height: 28px;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
}
.menu-lane:hover {
  color: var(--juniper);
}
.lane.wide {
  width: 96px;
  text-align: left;
  padding-left: 12px;
}
.lane.num {
  width: 54px;
  text-align: left;
  padding-left: 4px;
}
</style>
