<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PageDetail } from '@/api/types'
import { useSite } from '@/site/useSite'

/** What leads to a page or where it leads, by name. */
const props = defineProps<{ links: PageDetail['linksIn']; none: string }>()
const FIRST = 4
const site = useSite()
const whole = ref(false)
const shown = computed(() => (whole.value ? props.links : props.links.slice(0, FIRST)))
</script>

<template>
  <span v-if="!links.length" class="quiet">{{ none }}</span>
  <template v-for="(l, i) in shown" :key="l.id"
    ><template v-if="i"> · </template
    ><router-link
      v-if="site.rows.has(l.id)"
      class="textlink"
      dir="auto"
      :to="{ name: 'plan', params: { page: l.id } }"
      >{{ l.name }}</router-link
    ><span v-else dir="auto">{{ l.name }}</span></template
  >
  <button v-if="links.length > shown.length" type="button" class="textlink" @click="whole = true">
    and {{ links.length - shown.length }} more
  </button>
</template>
