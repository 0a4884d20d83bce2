<script setup lang="ts">
import type { AnswerRow, SeatRow } from '@/api/types'
import { counted } from '@/words/counted'
import { ANSWER_STATES } from './answerWords'

/** Answers chosen together, and what can be done about them. */
defineProps<{ rows: AnswerRow[]; mail: boolean; writes: boolean; seats: SeatRow[] }>()
const emit = defineEmits<{
  state: [state: string]
  move: [item: string]
  write: []
  remove: []
  none: []
  shown: [shown: boolean]
}>()
</script>

<template>
  <div class="picked" role="status">
    <b>{{ counted(rows.length, 'answer') }} chosen</b>
    <v-btn v-for="s in ANSWER_STATES" :key="s.value" @click="emit('state', s.value)"
      >{{ s.mark }} {{ s.value }}</v-btn
    >
    <template v-if="rows.some((r) => r.onPage)">
      <v-btn v-if="rows.some((r) => r.onPage && !r.onPage.shown)" class="ink" @click="emit('shown', true)"
        >Let through</v-btn
      >
      <v-btn v-if="rows.some((r) => r.onPage?.shown)" @click="emit('shown', false)">Take off the page</v-btn>
    </template>
    <v-btn v-if="mail && rows.some((r) => r.email)" @click="emit('write')">Write to them…</v-btn>
    <v-menu v-if="writes && seats.length && rows.some((r) => r.place)">
      <template #activator="{ props: menu }"><v-btn v-bind="menu">Move to ▾</v-btn></template>
      <v-list>
        <v-list-item
          v-for="s in seats"
          :key="s.item"
          :title="s.title"
          :subtitle="s.when"
          @click="emit('move', s.item)"
        />
      </v-list>
    </v-menu>
    <v-btn v-if="writes" class="danger" @click="emit('remove')">Remove…</v-btn>
    <v-btn @click="emit('none')">None</v-btn>
  </div>
</template>

<style scoped>
.picked {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  padding: 8px 16px;
  background: var(--juniper-wash);
  border-bottom: 1px solid var(--line);
}
</style>
