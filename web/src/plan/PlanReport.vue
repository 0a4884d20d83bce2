<script setup lang="ts">
import { computed } from 'vue'
import type { PlanRead } from '@/api/types'
import { counted } from '@/words/counted'

/** What rows would do to the plan: how many of each, and row by row those that do something or are refused. */
const props = defineProps<{ read: PlanRead }>()
const WORDS: Record<PlanRead['rows'][number]['does'], string> = {
  NEW: 'new',
  CHANGED: 'changed',
  MOVED: 'moved',
  NOTHING: 'as it is',
  REFUSED: 'refused',
}
const count = (does: string) => new Map(Object.entries(props.read.counts)).get(does) ?? 0
const rows = computed(() => props.read.rows.filter((r) => r.does !== 'NOTHING'))
const all = computed(() => count('NEW') + count('CHANGED') + count('MOVED') + count('REFUSED'))
</script>

<template>
  <p role="status" class="gap">
    <b>{{ counted(count('NEW'), 'new page') }}</b> · {{ count('CHANGED') }} changed ·
    {{ count('MOVED') }} moved · {{ count('NOTHING') }} as they are
    <template v-if="count('REFUSED')"
      >· <b class="should">{{ count('REFUSED') }} refused</b></template
    >
  </p>
  <ul>
    <li v-for="r in rows" :key="r.number">
      <b>Row {{ r.number }}</b>
      <span :class="r.does === 'REFUSED' ? 'should' : 'quiet'">{{ WORDS[r.does] }}</span> {{ ' '
      }}<span dir="auto">{{ r.title }}</span> <span class="mono quiet">{{ r.address }}</span>
      <span v-if="r.says.length" class="quiet"> {{ r.says.join(' · ') }}</span>
      <span v-if="r.why" class="should"> {{ r.why }}</span>
    </li>
    <li v-if="all > rows.length" class="quiet">and {{ all - rows.length }} more</li>
  </ul>
</template>

<style scoped>
ul {
  list-style: none;
  max-height: 240px;
  overflow-y: auto;
  overflow-wrap: anywhere;
}
</style>
