<script setup lang="ts">
import { computed } from 'vue'
import type { FieldUse } from '@/api/types'
import { FIELD_TYPES, isSeveral, typeOf } from '@/property/fields'
import FieldSign from './FieldSign.vue'

/** What is told of a field while it is folded: what it holds, where visitors see it, and how many have it. */
const props = defineProps<{ use: FieldUse; one: 'field' | 'option'; open: boolean }>()
const emit = defineEmits<{ open: [is: boolean] }>()
const field = computed(() => props.use.field)
const type = computed(() => typeOf(field.value))
const several = computed(() => isSeveral(field.value))
const typeWords = computed(() => {
  const words = FIELD_TYPES.find((t) => t.value === type.value)?.title ?? ''
  const unit = field.value.unit ? `, ${field.value.unit}` : ''
  return `${several.value ? 'Several: ' : ''}${words}${unit}`
})
/** Where it shows, said where it stands. */
const places = computed(() => {
  const said = props.use.places.join('; ')
  if (props.one === 'field') return said ? `seen in ${said}` : 'visitors see it nowhere yet'
  return said ? `matters in ${said}` : 'matters nowhere yet'
})
/** How many of those that could hold something do, in percent. */
const share = computed(() => (100 * props.use.own) / Math.max(1, props.use.own + props.use.inheriting))
</script>

<template>
  <button type="button" class="name" :aria-expanded="open" @click="emit('open', !open)">
    <FieldSign :type="type" :several="several" />
    <span class="said">
      <span class="first"
        ><b>{{ field.label }}</b> <span class="quiet">{{ typeWords }}</span></span
      >
      <span class="label two-lines">{{ places }}</span>
    </span>
  </button>
  <span v-if="field.required" class="tag">asked for</span>
  <span class="held">
    <span class="label">{{ use.own || 'none' }} {{ one === 'field' ? 'filled' : 'chose' }}</span>
    <span class="bar" aria-hidden="true"><i :style="{ width: `${share}%` }" /></span>
  </span>
</template>

<style scoped>
.name {
  flex: 1;
  min-width: 0;
  display: flex;
  gap: 14px;
  align-items: center;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  padding: 7px 0;
}
.said {
  min-width: 0;
}
.first {
  display: block;
  overflow-wrap: anywhere;
}
.first b {
  font: 600 15px/20px var(--display);
}
.tag {
  font-size: 12px;
  line-height: 18px;
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 0 6px;
  color: var(--quiet);
  white-space: nowrap;
}
.held {
  flex: none;
  width: 64px;
  text-align: right;
}
.bar {
  display: block;
  height: 3px;
  margin-top: 3px;
  background: var(--line);
}
.bar i {
  display: block;
  height: 100%;
  background: var(--juniper);
}
</style>
