<script setup lang="ts">
import { computed } from 'vue'
import type { Catalog, PlanRow } from '@/api/types'

/** The marks of a row in the lanes of the menus, which can be turned, and of the sitemap. */
const props = defineProps<{ row: PlanRow; menus: Catalog['menus']; chosen: boolean }>()
const emit = defineEmits<{ menu: [menu: string, there: boolean] }>()
const draft = computed(() => props.row.state === 'DRAFT' || props.row.state === 'WITHDRAWN')

function menuHint(name: string, there: boolean, follows: boolean): string {
  if (follows) return `Stands in ${name} by itself, because a line there follows its branch.`
  if (there && draft.value)
    return `In ${name}, but visitors can’t see the page yet. Click to take the line out.`
  return there ? `Stands in ${name}. Click to take the line out.` : `Not in ${name}. Click to place it there.`
}
/** A line of its own goes before one that it has by its branch. */
const follows = (menu: string) => props.row.following.includes(menu) && !props.row.menus.includes(menu)
const sitemapHint = computed(() =>
  props.row.sitemap === 'in' ? 'In the sitemap' : `Not in the sitemap: ${props.row.sitemapWhy}`,
)
</script>

<template>
  <div v-for="m in menus" :key="m.id" class="lane mark">
    <button
      type="button"
      :tabindex="chosen ? 0 : -1"
      :data-lane="m.id"
      :aria-hidden="!chosen"
      :class="{
        there: row.menus.includes(m.id),
        follows: follows(m.id),
        wrong: row.menus.includes(m.id) && draft,
      }"
      :aria-disabled="follows(m.id)"
      :title="menuHint(m.name, row.menus.includes(m.id), follows(m.id))"
      :aria-label="
        follows(m.id)
          ? `in ${m.name} by itself`
          : row.menus.includes(m.id)
            ? `in ${m.name}`
            : `not in ${m.name}`
      "
      @click.stop="follows(m.id) || emit('menu', m.id, row.menus.includes(m.id))"
      @dblclick.stop
    />
  </div>
  <div class="lane mark">
    <span :class="['dot', row.sitemap]" :title="sitemapHint" role="img" :aria-label="sitemapHint" />
  </div>
</template>

<style scoped>
.lane {
  width: 56px;
  flex: none;
  display: flex;
  align-items: center;
}
.lane.mark {
  justify-content: center;
  position: relative;
}
.lane.mark::before {
  content: '';
  position: absolute;
  top: 0;
  bottom: 0;
  border-left: 1px solid var(--line);
}
.mark button {
  position: relative;
  width: 28px;
  height: 28px;
  display: grid;
  place-items: center;
  border: 0;
  padding: 0;
  background: none;
  cursor: pointer;
}
.mark button::before,
.dot {
  content: '';
  position: relative;
  width: 11px;
  height: 11px;
  border-radius: 50%;
}
.mark button:not(.there, .follows):hover::before,
.mark button:not(.there, .follows):focus-visible::before {
  box-shadow: inset 0 0 0 2px var(--quiet);
  background: var(--paper);
}
.mark button.there::before,
.dot.in {
  background: var(--ink);
}
.mark button.follows {
  cursor: default;
}
.mark button.follows::before {
  width: 7px;
  height: 7px;
  background: var(--ink);
}
.mark button.wrong::before {
  background: var(--paper);
  box-shadow: inset 0 0 0 2px var(--brick);
}
.dot.out,
.dot.missing {
  background: var(--paper);
  box-shadow: inset 0 0 0 2px var(--quiet);
}
.dot.out::after,
.dot.missing::after {
  content: '';
  position: absolute;
  left: 4px;
  top: -3px;
  height: 17px;
  border-left: 1.5px solid var(--quiet);
  transform: rotate(40deg);
}
@media (max-width: 820px) {
  .lane {
    display: none;
  }
}
@media (forced-colors: active) {
  .mark button.there::before,
  .dot {
    border: 2px solid;
  }
  .mark button.there:not(.wrong)::before,
  .dot.in {
    border-width: 6px;
  }
}
</style>
