<script setup lang="ts">
import { computed } from 'vue'
import type { Value } from '@/api/types'
import type { Asked, Told } from './asked'
import { groupsOf } from './values'

/** Groups of values, one below the other; the input of each value is given by whoever shows them. */
const props = defineProps<Asked>()
const emit = defineEmits<Told>()
defineSlots<{ value(one: { asked: Asked; change: (value: Value | undefined) => void }): unknown }>()
const groups = computed(() => groupsOf(props.value))

function set(index: number, key: string, value: Value | undefined) {
  emit(
    'change',
    groups.value.map((g, i) => {
      if (i !== index) return g
      const next = { ...g, [key]: value }
      if (value === undefined) delete next[key]
      return next
    }),
  )
}
function add() {
  emit('change', [...groups.value, {}])
}
function remove(index: number) {
  emit(
    'change',
    groups.value.filter((_, i) => i !== index),
  )
}
function up(index: number) {
  const next = [...groups.value]
  const [moved] = next.splice(index, 1)
  if (moved) next.splice(index - 1, 0, moved)
  emit('change', next)
}
</script>

<template>
  <div class="many">
    <div v-for="(group, i) in groups" :key="i" class="one">
      <div class="grow">
        <template v-for="entry in property.entries" :key="entry.key">
          <slot
            name="value"
            :asked="{
              property: entry,
              value: group[entry.key],
              plain: true,
              room,
              name: `${entry.label} ${i + 1}`,
            }"
            :change="(v: Value | undefined) => set(i, entry.key, v)"
          />
        </template>
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
    <button type="button" class="textlink" @click="add">+ add to {{ property.label.toLowerCase() }}</button>
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
