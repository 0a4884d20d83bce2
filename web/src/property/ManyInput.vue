<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Value } from '@/api/types'
import { useMeant } from '@/edit/useMeant'
import type { Asked, Told } from './asked'
import { groupsOf, withValue } from './values'

/** Groups of values, one below the other; the input of each value is given by whoever shows them. */
const props = defineProps<Asked>()
const emit = defineEmits<Told>()
defineSlots<{ value(one: { asked: Asked; change: (value: Value | undefined) => void }): unknown }>()
const { now, set: give } = useMeant(
  () => props.value,
  (next) => emit('change', next),
)
const groups = computed(() => groupsOf(now.value))
/** How one of them is apart from the others, beyond the first choice, stands behind "More". */
const further = computed(() => props.property.entries.filter((e) => e.type === 'CHOICE').slice(1))
const usual = computed(() => props.property.entries.filter((e) => !further.value.includes(e)))
const more = ref<number | null>(null)
const isApart = (group: Record<string, unknown>) => further.value.some((e) => group[e.key] !== undefined)

function set(index: number, key: string, value: Value | undefined) {
  give(groups.value.map((g, i) => (i === index ? withValue(g, key, value) : g)))
}
function add() {
  give([...groups.value, {}])
}
function remove(index: number) {
  give(groups.value.filter((_, i) => i !== index))
}
function up(index: number) {
  const next = [...groups.value]
  const [moved] = next.splice(index, 1)
  if (moved) next.splice(index - 1, 0, moved)
  give(next)
}
</script>

<template>
  <div class="many">
    <div v-for="(group, i) in groups" :key="i" class="one">
      <div class="grow">
        <template v-for="entry in more === i ? [...usual, ...further] : usual" :key="entry.key">
          <slot
            name="value"
            :asked="{
              property: entry,
              value: group[entry.key],
              plain: !further.includes(entry),
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
        <button
          v-if="further.length"
          type="button"
          :class="{ apart: isApart(group) }"
          :aria-expanded="more === i"
          :aria-label="`More of ${i + 1}`"
          title="More"
          @click="more = more === i ? null : i"
        >
          ⋯
        </button>
        <button type="button" :aria-label="`Remove ${i + 1}`" title="Remove" @click="remove(i)">×</button>
      </div>
    </div>
    <button type="button" class="textlink" @click="add">+ add to {{ property.label.toLowerCase() }}</button>
  </div>
</template>

<style scoped>
.many {
  container-type: inline-size;
}
@container (max-width: 190px) {
  .one {
    flex-wrap: wrap;
  }
  .one > .grow {
    flex: 1 0 100%;
  }
}
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
  width: 24px;
  height: 24px;
}
.acts .apart {
  color: var(--juniper);
  font-weight: 700;
}
.textlink {
  font-size: 13px;
  margin-top: 4px;
}
</style>
