<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { get } from '@/api/client'
import type { SiteName } from '@/api/types'
import { packHref } from '@/pack/packHref'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'

/** The site's name: one's other sites, and what concerns the site as a whole. */
const emit = defineEmits<{ bringIn: [] }>()
const site = useSite()
const session = useSession()
const sites = ref<SiteName[]>([])
const others = computed(() => sites.value.filter((s) => s.id !== site.id))

/** Where a site is, and how far it is out. */
function standing(s: SiteName) {
  const out = s.release === 0 ? 'nothing released' : `release ${s.release}`
  const waits = s.waits ? 'changes wait' : 'nothing waits'
  return [s.origin.replace(/^https?:\/\//, ''), out, waits].join(' · ')
}

async function load() {
  const answer = await get('/api/sites')
  if (answer.ok) sites.value = answer.value
}
onMounted(load)
</script>

<template>
  <v-menu @update:model-value="(is) => is && load()">
    <template #activator="{ props: menu }">
      <button class="site" type="button" v-bind="menu">
        <span class="cut">{{ site.standing?.name }}</span> ▾
      </button>
    </template>
    <v-list>
      <v-list-item
        title="See the live site"
        subtitle="As visitors have it, in a window of its own"
        :href="site.standing?.origin + '/'"
        target="_blank"
        rel="noopener"
      />
      <v-divider />
      <v-list-item
        v-for="s in others"
        :key="s.id"
        :to="`/${s.id}/plan`"
        :title="s.name"
        :subtitle="standing(s)"
      />
      <v-divider v-if="others.length" />
      <template v-if="session.manager">
        <v-list-item title="Site settings" :to="{ name: 'settings', params: { site: site.id } }" />
        <v-list-item title="Bring in a pack…" @click="emit('bringIn')" />
        <v-list-item title="Save the whole site as a pack" :href="packHref(site.id)" download />
      </template>
      <template v-if="session.person?.owner">
        <v-divider />
        <v-list-item title="New site…" to="/-/new-site" />
        <v-list-item title="All sites" to="/-/sites" />
      </template>
    </v-list>
  </v-menu>
</template>

<style scoped>
.site {
  display: flex;
  gap: 5px;
  padding-left: 16px;
  border: 0;
  border-left: 1px solid var(--line);
  margin: 12px 0;
  background: none;
  font: inherit;
  color: inherit;
  max-width: 260px;
  line-height: 24px;
}
@media (max-width: 820px) {
  .site {
    border-left: 0;
    padding-left: 0;
    max-width: 52vw;
    font-weight: 600;
  }
}
</style>
