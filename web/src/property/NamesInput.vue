<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Group, Property, Value } from '@/api/types'
import { useMeant } from '@/edit/useMeant'
import { useSite } from '@/site/useSite'
import type { Asked, Told } from './asked'
import { useEntries } from './entries'
import { useFieldsHere } from './fieldsHere'
import { groupsOf, textOf } from './values'

/** Several that are chosen by name, in an order of their own: pages, entries, kinds or fields. */
const props = defineProps<Asked>()
const emit = defineEmits<Told>()
defineSlots<{ value(one: { asked: Asked; change: (value: Value | undefined) => void }): unknown }>()
const site = useSite()
const fields = useFieldsHere()
const entry = computed(() => props.property.entries[0] as Property)
const { now, set } = useMeant(
  () => props.value,
  (next) => emit('change', next),
)
const chosen = computed(() => groupsOf(now.value))
const adding = ref(false)
const idOf = (group: Group) => textOf(group[entry.value.key])
const isEntry = (id: string) => entry.value.type === 'ENTRY' && !site.rows.has(id)
const entries = useEntries(() => chosen.value.some((group) => isEntry(idOf(group))))

function nameOf(group: Group): string {
  const id = idOf(group)
  if (isEntry(id)) return entries.find(id)?.name ?? (entries.known.value ? 'an entry that is gone' : '…')
  if (['PAGE', 'ENTRY'].includes(entry.value.type)) return site.rows.get(id)?.title ?? 'a page that is gone'
  if (entry.value.type === 'KIND') return site.kinds.get(id)?.name ?? 'a kind that is gone'
  return fields.value.find((f) => f.key === id)?.label ?? id
}
function add(value: Value | undefined) {
  adding.value = false
  if (value && !chosen.value.some((g) => g[entry.value.key] === value))
    set([...chosen.value, { [entry.value.key]: value }])
}
function without(at: number) {
  const left = chosen.value.filter((_, i) => i !== at)
  set(left.length ? left : undefined)
}
function up(at: number) {
  const next = [...chosen.value]
  const [moved] = next.splice(at, 1)
  if (moved) next.splice(at - 1, 0, moved)
  set(next)
}
</script>

<template>
  <div class="many" role="group" :aria-label="name ?? property.label">
    <p v-for="(group, i) in chosen" :key="i" class="one">
      <span class="grow cut">{{ nameOf(group) }}</span>
      <button v-if="i" type="button" :aria-label="`Move ${nameOf(group)} up`" title="Move up" @click="up(i)">
        ↑
      </button>
      <button type="button" :aria-label="`Take ${nameOf(group)} out`" title="Take out" @click="without(i)">
        ×
      </button>
    </p>
    <slot
      v-if="adding"
      name="value"
      :asked="{
        property: entry,
        value: undefined,
        plain: true,
        name: `Add to ${property.label.toLowerCase()}`,
      }"
      :change="add"
    />
    <button v-else type="button" class="textlink" @click="adding = true">
      {{ chosen.length ? 'one more…' : 'choose…' }}
    </button>
  </div>
</template>

<style scoped>
.one {
  display: flex;
  gap: 4px;
  border-bottom: 1px solid var(--line2);
  font-size: 13.5px;
  line-height: 26px;
}
.one button {
  border: 0;
  background: none;
  color: var(--quiet);
  width: 24px;
}
.textlink {
  font-size: 13px;
}
</style>
