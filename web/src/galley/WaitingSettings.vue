<script setup lang="ts">
import { computed } from 'vue'
import type { Section } from '@/api/types'
import PropertyInput from '@/property/PropertyInput.vue'
import { isToFill } from '@/property/values'
import { useSite } from '@/site/useSite'
import { useGalley } from './useGalley'

/** Settings of a section that wait to be filled: they stand in its card, with what else is written there. */
const props = defineProps<{ section: Section }>()
const site = useSite()
const galley = useGalley()
const waiting = computed(() =>
  (site.catalog?.sectionSettings ?? [])
    .flatMap((g) => g.settings)
    .filter((p) => isToFill(props.section.settings[p.key])),
)
</script>

<template>
  <div v-if="waiting.length" class="waiting">
    <PropertyInput
      v-for="p in waiting"
      :key="p.key"
      :property="p"
      :value="section.settings[p.key]"
      @change="(v) => galley.set(section.id, null, p.key, v)"
      @leave="galley.leave()"
    />
  </div>
</template>

<style scoped>
.waiting {
  padding: 8px 13px 4px;
}
</style>
