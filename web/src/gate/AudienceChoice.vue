<script setup lang="ts">
import { computed } from 'vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSite } from '@/site/useSite'
import type { Wanted } from './gateCommand'

/** For whom something is, and what whoever may not is told. */
const props = defineProps<{ label: string; inherits?: string; home?: boolean }>()
const wanted = defineModel<Wanted>({ required: true })
const site = useSite()
const groups = computed(() => site.catalog?.groups ?? [])
const whos = computed(() => [
  ...(props.inherits ? [{ value: '', title: props.inherits }] : []),
  { value: 'everyone', title: 'everyone' },
  { value: 'members', title: 'members' },
  ...(groups.value.length ? [{ value: 'groups', title: 'some groups…' }] : []),
  { value: 'us', title: 'only us' },
])
const OTHERS = [
  { value: false, title: 'is asked to sign in' },
  { value: true, title: 'doesn’t learn that it is there' },
]
const OF_US = [{ value: false, title: 'is told that it isn’t for them' }, OTHERS[1]!]
const closed = computed(() => !!wanted.value.who && wanted.value.who !== 'everyone')
const put = (change: Partial<Wanted>) => (wanted.value = { ...wanted.value, ...change })
function toggle(id: string) {
  const has = wanted.value.groups.includes(id)
  put({ groups: has ? wanted.value.groups.filter((g) => g !== id) : [...wanted.value.groups, id] })
}
</script>

<template>
  <div>
    <p class="label">{{ label }}</p>
    <ChoiceOf
      :model-value="wanted.who"
      :items="whos"
      :label="label"
      in-line
      @update:model-value="(who?: string) => put({ who: who ?? '' })"
    />
    <div v-if="wanted.who === 'groups'" class="groups" role="group" aria-label="Groups">
      <label v-for="g in groups" :key="g.id">
        <input type="checkbox" :checked="wanted.groups.includes(g.id)" @change="toggle(g.id)" />
        {{ g.name }} <span class="quiet">{{ g.note }}</span>
      </label>
      <p v-if="!wanted.groups.length" class="should">◇ Choose a group: until then nothing is changed.</p>
    </div>
    <template v-if="closed">
      <p class="label gap">Whoever may not</p>
      <ChoiceOf
        :model-value="wanted.hidden"
        :items="wanted.who === 'us' ? OF_US : OTHERS"
        label="Whoever may not"
        in-line
        @update:model-value="(hidden?: boolean) => put({ hidden: !!hidden })"
      />
    </template>
  </div>
</template>

<style scoped>
.groups {
  display: grid;
  gap: 4px;
  margin: 8px 0;
}
.groups label {
  display: flex;
  gap: 8px;
}
</style>
