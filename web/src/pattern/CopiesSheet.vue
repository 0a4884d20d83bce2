<script setup lang="ts">
import type { PatternCopies } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import { counted } from '@/words/counted'
import { standing } from './standing'

/** The pages with copies of a pattern, those first whose copies are not as it is. */
defineProps<{ copies: PatternCopies }>()
const emit = defineEmits<{ close: [] }>()
type OnPage = PatternCopies['some'][number]
const how = ({ inStep, behind, adapted }: OnPage) =>
  [inStep && `${inStep} in step`, behind && `${behind} behind`, adapted && `${adapted} adapted`]
    .filter(Boolean)
    .join(', ')
</script>

<template>
  <SheetDialog title="Where it is placed" @close="emit('close')">
    <p class="quiet gap">{{ standing(copies) }}.</p>
    <ul>
      <li v-for="p in copies.some" :key="p.page">
        <router-link :to="{ name: 'page', params: { page: p.page } }" class="cut" dir="auto">{{
          p.title
        }}</router-link>
        <span class="mono cut grow">{{ p.address }}</span>
        <span class="label" :class="{ should: p.behind || p.adapted }">{{ how(p) }}</span>
      </li>
    </ul>
    <p v-if="copies.pages > copies.some.length" class="quiet">
      and {{ counted(copies.pages - copies.some.length, 'more page') }}.
    </p>
    <v-btn class="gap" @click="emit('close')">Close<span class="kbd">Esc</span></v-btn>
  </SheetDialog>
</template>

<style scoped>
ul {
  list-style: none;
  max-height: 50vh;
  overflow-y: auto;
}
li {
  display: flex;
  gap: 12px;
  align-items: baseline;
  border-top: 1px solid var(--line2);
  padding: 5px 0;
}
.label {
  white-space: nowrap;
}
</style>
