<script setup lang="ts">
import { computed } from 'vue'
import type { MenuDetail } from '@/api/types'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'

/** Where a menu is shown; and where it could be, when that is nowhere. */
const props = defineProps<{ menu: MenuDetail }>()
const site = useSite()
const session = useSession()
const PLACES = [
  { key: 'headerMenu', name: 'the header' },
  { key: 'footMenu', name: 'the footer' },
  { key: 'closingMenu', name: 'the closing line' },
]
const MOST = 3
const WAYS: Record<string, string> = { PAGE: 'page', TEMPLATE: 'template', PATTERN: 'pattern' }
const shown = computed(() => PLACES.filter((p) => props.menu.places.includes(p.key)))
const sections = computed(() => props.menu.sections.slice(0, MOST))
const more = computed(() => props.menu.sections.length - sections.value.length)
const nowhere = computed(() => !shown.value.length && !props.menu.sections.length)
const standing = (place: string) => site.catalog?.menus.find((m) => m.places.includes(place))?.name
const show = (place: string, there: boolean) =>
  site.give({ verb: 'set-value', item: 'site', key: place, value: there ? props.menu.id : undefined })
const way = (sort: string, id: string) =>
  WAYS[sort] ? { name: WAYS[sort], params: { [WAYS[sort]]: id } } : null
</script>

<template>
  <p v-if="nowhere" class="should at">◇ Shown nowhere yet.</p>
  <p v-else class="row-flex at">
    <span class="quiet">Shown in</span>
    <span v-for="p in shown" :key="p.key">
      {{ p.name }}
      <button
        v-if="session.manager"
        type="button"
        class="textlink"
        :aria-label="`Take it out of ${p.name}`"
        @click="show(p.key, false)"
      >
        take out
      </button>
    </span>
    <span v-for="s in sections" :key="s.id">
      a section of
      <router-link v-if="way(s.sort, s.id)" :to="way(s.sort, s.id)!">{{ s.name }}</router-link>
      <template v-else>{{ s.name }}</template>
    </span>
    <span v-if="more" class="quiet">and {{ more }} more</span>
  </p>
  <p v-if="session.manager" class="row-flex ways">
    <span class="quiet">{{ nowhere ? 'Show it in' : 'Also in' }}</span>
    <button
      v-for="p in PLACES.filter((x) => !menu.places.includes(x.key))"
      :key="p.key"
      type="button"
      class="textlink"
      @click="show(p.key, true)"
    >
      {{ p.name }}<template v-if="standing(p.key)">, instead of {{ standing(p.key) }}</template>
    </button>
    <span class="quiet">or in a section, with the element Menu</span>
  </p>
</template>

<style scoped>
.at,
.ways {
  flex-wrap: wrap;
  gap: 2px 14px;
  font-size: 13px;
}
.at {
  margin-top: 8px;
}
</style>
