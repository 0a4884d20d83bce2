<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Property, Value, Values } from '@/api/types'
import FoldedGroup from '@/look/FoldedGroup.vue'
import { grouped } from './fields'
import PropertyInput from './PropertyInput.vue'
import { allHeld, matters } from './values'

/** What can be set of one thing, under the headings that its declaration names; what does not matter now is not shown, and kept. */
const props = defineProps<{
  properties: Property[]
  declared: Property[]
  values: Values
  unfolded?: string[]
}>()
const emit = defineEmits<{ change: [key: string, value: Value | undefined]; leave: [] }>()
const held = computed(() => allHeld(props.declared, props.values))
const groups = computed(() => grouped(props.properties.filter((p) => matters(p, held.value))))
const open = ref(new Set(props.unfolded))
const set = (fields: Property[]) =>
  fields
    .filter((p) => props.values[p.key] !== undefined)
    .map((p) => p.label.toLowerCase())
    .join(', ')

function toggle(name: string) {
  const next = new Set(open.value)
  if (!next.delete(name)) next.add(name)
  open.value = next
}
</script>

<template>
  <div>
    <FoldedGroup
      v-for="g in groups"
      :key="g.name"
      :label="g.name || 'How it appears'"
      :open="open.has(g.name)"
      :set="set(g.fields)"
      @update:open="toggle(g.name)"
    >
      <PropertyInput
        v-for="p in g.fields"
        :key="p.key"
        :property="p"
        :value="values[p.key]"
        :data-set="p.key"
        :class="{ across: p.entries.length > 1 }"
        @change="(v) => emit('change', p.key, v)"
        @leave="emit('leave')"
      />
    </FoldedGroup>
  </div>
</template>

<style scoped>
.across {
  grid-column: 1 / -1;
}
</style>
