<script setup lang="ts">
import { computed, ref } from 'vue'
import CarrySheet from './CarrySheet.vue'
import { useLibrary } from './useLibrary'
import WordOf from '@/help/WordOf.vue'
import { said } from '@/api/said'
import type { ShelfLine } from '@/api/types'

/** What all sites can take and this one has not, or has as it was before the library moved on. */
const props = defineProps<{ sorts: ShelfLine['sort'][]; wornBy?: string; act?: string }>()
const emit = defineEmits<{ taken: [line: ShelfLine, here: string] }>()
const { shelf, problem, take } = useLibrary()
const looking = ref<ShelfLine | null>(null)
const busy = ref('')
const WORDS: Partial<Record<ShelfLine['sort'], string>> = {
  THEME: 'look',
  TEMPLATE: 'template',
  KIND: 'kind',
  PATTERN: 'pattern',
}
const lines = computed(() =>
  (shelf.value?.items ?? []).filter((l) => props.sorts.includes(l.sort) && l.state !== 'HERE'),
)

const actOf = (l: ShelfLine) => (l.sort === 'TEMPLATE' && props.act) || 'Take it'
async function bring(line: ShelfLine) {
  if (busy.value) return
  busy.value = line.id
  const here = await take(line, line.sort === 'TEMPLATE' ? props.wornBy : undefined)
  busy.value = ''
  if (here) emit('taken', line, here)
}
</script>

<template>
  <section v-if="lines.length" class="library" aria-label="From the library">
    <h2>From the <WordOf word="library" /> <span class="quiet">for all sites</span></h2>
    <ul>
      <li v-for="l in lines" :key="l.id">
        <b class="cut" dir="auto">{{ l.name }}</b>
        <span class="label">{{ WORDS[l.sort] }}</span>
        <span class="quiet cut grow">{{
          l.state === 'BEHIND' ? 'has moved on since you took it' : l.note
        }}</span>
        <v-btn v-if="l.state === 'BEHIND'" @click="looking = l">Look…</v-btn>
        <v-btn v-else :disabled="!!busy" :aria-label="`${actOf(l)}: ${l.name}`" @click="bring(l)">{{
          busy === l.id ? 'Taking it…' : actOf(l)
        }}</v-btn>
      </li>
    </ul>
    <p v-if="problem" class="must" role="alert">{{ said(problem) }}</p>
    <CarrySheet v-if="looking" :line="looking" :take="take" @close="looking = null" />
  </section>
  <div v-else-if="shelf && $slots.default"><slot /></div>
</template>

<style scoped>
.library {
  margin-top: 22px;
}
h2 {
  font-size: 16px;
  margin-bottom: 6px;
}
h2 .quiet {
  font: 13px/18px var(--text);
}
ul {
  list-style: none;
  border-top: 1px solid var(--line);
}
li {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 42px;
  border-bottom: 1px solid var(--line2);
}
</style>
