<script setup lang="ts">
import { computed } from 'vue'
import type { MemberRow, MembersTold } from '@/api/types'
import { counted } from '@/words/counted'
import { fitting, type MemberDeed } from './useMembers'

/** Members chosen together, and what can be done to them. */
const props = defineProps<{ rows: MemberRow[]; groups: MembersTold['groups'] }>()
const emit = defineEmits<{ deed: [deed: MemberDeed]; put: [group: string]; remove: []; none: [] }>()
const ACTS: { deed: MemberDeed; words: (count: number) => string; ink?: boolean }[] = [
  { deed: 'approve', words: (n) => `Let ${n} in`, ink: true },
  { deed: 'deactivate', words: (n) => `Deactivate ${n}` },
  { deed: 'bring-back', words: (n) => `Bring ${n} back` },
]
const acts = computed(() =>
  ACTS.map((a) => ({ ...a, count: fitting(a.deed, props.rows).length })).filter((a) => a.count),
)
</script>

<template>
  <div class="picked" role="status">
    <b>{{ counted(rows.length, 'member') }} chosen</b>
    <v-btn v-for="a in acts" :key="a.deed" :class="{ ink: a.ink }" @click="emit('deed', a.deed)">{{
      a.words(a.count)
    }}</v-btn>
    <v-menu v-if="groups.length">
      <template #activator="{ props: menu }"><v-btn v-bind="menu">Put in a group ▾</v-btn></template>
      <v-list>
        <v-list-item v-for="g in groups" :key="g.id" :title="g.name" @click="emit('put', g.id)" />
      </v-list>
    </v-menu>
    <v-btn class="danger" @click="emit('remove')">Remove…</v-btn>
    <v-btn @click="emit('none')">None</v-btn>
  </div>
</template>

<style scoped>
.picked {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  padding: 8px 18px;
  background: var(--juniper-wash);
  border-bottom: 1px solid var(--line);
}
</style>
