<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { freshId } from '@/api/client'
import type { ThemeDetail } from '@/api/types'
import { useSite } from '@/site/useSite'

/** The sections at the end of every page, with where each shows; and columns for the footer, where it has none of its own. */
const props = defineProps<{ sections: ThemeDetail['everywhere'] }>()
const site = useSite()
const router = useRouter()
const WHERE: Record<string, string> = {
  all: 'every page',
  home: 'the home page alone',
  others: 'every page but the home page',
}
const STANDS: Record<string, string> = {
  above: 'above the footer',
  within: 'in the footer',
  left: 'in the left column',
  right: 'in the right column',
}
const arranged = computed(() => props.sections.some((s) => s.stands === 'within'))
const page = computed(() => site.standing?.homeId || site.order[0])
const write = (section: string) =>
  void router.push({ name: 'page', params: { page: page.value }, query: { section } })

async function arrange() {
  const id = freshId()
  if ((await site.give({ verb: 'arrange-footer', id })).ok) write(id)
}
</script>

<template>
  <div class="list">
    <span class="label">At the end of pages</span>
    <p v-for="s in sections" :key="s.id">
      <b>{{ s.name }}</b> {{ STANDS[s.stands] }} of {{ WHERE[s.onPages] }}
      <button type="button" class="textlink" @click="write(s.id)">Write in it</button>
    </p>
    <template v-if="!arranged">
      <p class="quiet">The footer shows the site’s name, its tagline and its menu.</p>
      <v-btn @click="arrange">Arrange its columns…</v-btn>
    </template>
  </div>
</template>

<style scoped>
.list {
  display: flex;
  flex-direction: column;
  gap: 5px;
  align-items: flex-start;
  font-size: 13px;
}
</style>
