<script setup lang="ts">
import type { Group, Property, Value } from '@/api/types'
import PropertyInput from './PropertyInput.vue'

const props = defineProps<{ property: Property; groups: Group[]; room?: number }>()
const emit = defineEmits<{ change: [groups: Group[]]; leave: [] }>()

function set(index: number, key: string, value: Value | undefined) {
  emit(
    'change',
    props.groups.map((g, i) => {
      if (i !== index) return g
      const next = { ...g, [key]: value }
      if (value === undefined) delete next[key]
      return next
    }),
  )
}
function add() {
  emit('change', [...props.groups, {}])
}
function remove(index: number) {
  emit(
    'change',
    props.groups.filter((_, i) => i !== index),
  )
}
function up(index: number) {
  const next = [...props.groups]
  const [moved] = next.splice(index, 1)
  if (moved) next.splice(index - 1, 0, moved)
  emit('change', next)
}
</script>

<template>
  <div class="many">
    <div v-for="(group, i) in groups" :key="i" class="one">
      <div class="grow">
        <PropertyInput
          v-for="entry in property.entries"
          :key="entry.key"
          plain
          :property="entry"
          :value="group[entry.key]"
          :room="room"
          :name="`${entry.label} ${i + 1}`"
          @change="(v) => set(i, entry.key, v)"
          @leave="emit('leave')"
        />
      </div>
      <div class="acts">
        <button
          type="button"
          :disabled="i === 0"
          :aria-label="`Move ${i + 1} up`"
          title="Move up"
          @click="up(i)"
        >
          ↑
        </button>
        <button type="button" :aria-label="`Remove ${i + 1}`" title="Remove" @click="remove(i)">×</button>
      </div>
    </div>
    <button type="button" class="textlink" @click="add">+ one more</button>
  </div>
</template>

<style scoped>
.one {
  display: flex;
  gap: 6px;
  border-bottom: 1px solid var(--line2);
  padding: 5px 0;
}
.acts button {
  border: 0;
  background: none;
  color: var(--quiet);
  width: 20px;
}
.textlink {
  font-size: 13px;
  margin-top: 4px;
}
</style>
