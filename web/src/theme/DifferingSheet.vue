<script setup lang="ts">
import { freshId } from '@/api/client'
import type { ThemeDetail } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import { pagesOf } from '@/site/pagesOf'
import { useSite } from '@/site/useSite'

/** The kinds and pages that differ from the theme, in what, and the way back. */
const props = defineProps<{ theme: ThemeDetail }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const label = (key: string) =>
  props.theme.groups.flatMap((g) => g.settings).find((p) => p.key === key)?.label ?? key

/** One step to take back, however many settings they are. */
async function reset(page: ThemeDetail['differing'][number]) {
  const group = freshId()
  for (const key of Object.keys(page.settings))
    await site.give({ verb: 'set-value', item: page.id, key: `theme.${key}` }, null, group)
}
</script>

<template>
  <SheetDialog title="What differs from the theme" size="narrow" @close="emit('close')">
    <p v-if="!theme.differing.length && !theme.apart.all" class="gap">All pages look as the theme says.</p>
    <ul class="gap">
      <li v-for="p in theme.differing" :key="p.id">
        <router-link v-if="p.sort === 'KIND'" :to="{ name: 'kind', params: { kind: p.id } }" class="cut"
          >all {{ pagesOf(p.title) }}</router-link
        >
        <router-link v-else :to="{ name: 'page', params: { page: p.id } }" class="cut">{{
          p.title
        }}</router-link>
        <span class="quiet grow">{{ Object.keys(p.settings).map(label).join(', ') }}</span>
        <button
          type="button"
          class="textlink"
          :aria-label="`${p.title} as the theme again`"
          @click="reset(p)"
        >
          as the theme again
        </button>
      </li>
    </ul>
    <h3 v-if="theme.apart.all">Sections in which something looks otherwise</h3>
    <ul v-if="theme.apart.all" class="gap">
      <li v-for="a in theme.apart.first" :key="a.item + a.section">
        <router-link :to="{ name: 'page', params: { page: a.item } }" class="cut">{{ a.title }}</router-link>
        <span class="quiet grow">{{ a.name }}: {{ a.what.join(', ') }}</span>
        <button
          type="button"
          class="textlink"
          :aria-label="`${a.name} on ${a.title} as the theme again`"
          @click="site.give({ verb: 'as-theme', item: a.item, section: a.section })"
        >
          as the theme again
        </button>
      </li>
    </ul>
    <p v-if="theme.apart.all > theme.apart.first.length" class="quiet">
      The first {{ theme.apart.first.length }} of {{ theme.apart.all }}; the others are named as these go
      back.
    </p>
    <v-btn @click="emit('close')">Done<span class="kbd">Esc</span></v-btn>
  </SheetDialog>
</template>

<style scoped>
h3 {
  font-size: 15px;
}
ul {
  list-style: none;
  margin-bottom: 12px;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: baseline;
  border-top: 1px solid var(--line2);
  padding: 5px 0;
}
</style>
