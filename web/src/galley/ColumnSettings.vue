<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Section } from '@/api/types'
import PropertyInput from '@/property/PropertyInput.vue'
import { matters } from '@/property/values'
import { useSite } from '@/site/useSite'
import { useGalley } from './useGalley'

/** One column apart from the others: its ground, the space in it, its corners. */
const props = defineProps<{ section: Section }>()
const site = useSite()
const galley = useGalley()
const at = ref(0)
const column = computed(() => props.section.columns[Math.min(at.value, props.section.columns.length - 1)])
const settings = computed(() => column.value?.settings ?? {})
const shown = computed(() =>
  (site.catalog?.columnSettings ?? []).filter(
    (p) => p.key === 'ground' || (settings.value.ground && matters(p, settings.value)),
  ),
)
const isApart = (c: Section['columns'][number]) => Object.keys(c.settings ?? {}).length > 0
</script>

<template>
  <div v-if="section.columns.length > 1" class="which" role="group" aria-label="Which column">
    <button
      v-for="(c, i) in section.columns"
      :key="c.id"
      type="button"
      class="textlink"
      :aria-pressed="c === column"
      @click="at = i"
    >
      Column {{ i + 1 }}<template v-if="isApart(c)"> ·</template>
    </button>
  </div>
  <PropertyInput
    v-for="p in shown"
    :key="`${column?.id} ${p.key}`"
    :property="p"
    :value="settings[p.key]"
    @change="(v) => column && galley.setColumn(section.id, column.id, p.key, v)"
    @leave="galley.leave()"
  />
</template>

<style scoped>
.which {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
[aria-pressed='true'] {
  font-weight: 600;
  text-decoration: none;
  color: var(--ink);
}
</style>
