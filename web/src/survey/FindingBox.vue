<script setup lang="ts">
import { computed } from 'vue'
import type { Finding } from '@/api/types'
import { useSite } from '@/site/useSite'

const props = defineProps<{ finding: Finding }>()
const site = useSite()
const words: Record<string, { mark: string; word: string; tone: string }> = {
  MUST_FIX: { mark: '◆', word: 'Must fix', tone: 'must' },
  SHOULD_FIX: { mark: '◇', word: 'Should fix', tone: 'should' },
  NOTE: { mark: '·', word: 'Note', tone: 'quiet' },
}
const weight = computed(() => words[props.finding.severity] ?? words.NOTE!)
</script>

<template>
  <div
    class="note-box box"
    :class="{ 'must-box': finding.severity === 'MUST_FIX', light: finding.severity === 'NOTE' }"
  >
    <div>
      <b :class="weight.tone">{{ weight.mark }} {{ weight.word }}</b> {{ finding.says }}
    </div>
    <div v-if="finding.mends.length" class="row-flex mends">
      <v-btn v-for="m in finding.mends" :key="m.label" @click="site.give(m.command)">{{ m.label }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.box {
  margin-top: 12px;
  overflow-wrap: anywhere;
}
.light {
  background: var(--paper);
  border-color: var(--line);
}
.mends .btn.v-btn {
  max-width: 100%;
  height: auto;
  min-height: 30px;
  white-space: normal;
  text-align: left;
}
.mends :deep(.v-btn__content) {
  white-space: normal;
}
.mends {
  margin-top: 8px;
  flex-wrap: wrap;
}
</style>
