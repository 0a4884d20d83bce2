<script setup lang="ts">
import { computed } from 'vue'
import { useMeant } from '@/edit/useMeant'
import { useSite } from '@/site/useSite'
import type { Asked, Told } from './asked'
import { groupsOf } from './values'

/** Some of the groups of members. */
const props = defineProps<Asked>()
const emit = defineEmits<Told>()
const site = useSite()
const { now, set } = useMeant(
  () => props.value,
  (next) => emit('change', next),
)
const key = computed(() => props.property.entries[0]?.key ?? 'group')
const chosen = computed(() => groupsOf(now.value).map((g) => String(g[key.value] ?? '')))
function toggle(id: string) {
  const ids = chosen.value.includes(id) ? chosen.value.filter((c) => c !== id) : [...chosen.value, id]
  set(ids.map((one) => ({ [key.value]: one })))
}
</script>

<template>
  <div role="group" :aria-label="name ?? property.label">
    <label v-for="g in site.catalog?.groups ?? []" :key="g.id" class="row-flex">
      <input type="checkbox" :checked="chosen.includes(g.id)" @change="toggle(g.id)" /> {{ g.name }}
      <span class="quiet">{{ g.note }}</span>
    </label>
    <p v-if="!site.catalog?.groups.length" class="quiet">There is no group yet: make one under Members.</p>
  </div>
</template>
