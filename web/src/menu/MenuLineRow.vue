<script setup lang="ts">
import { computed } from 'vue'
import WrittenInput from '@/edit/WrittenInput.vue'
import { inward, moved, outward, type Line, type Placed } from './lines'

/** One line of a menu: what it says, where it leads, and what moves it. */
const props = defineProps<{ placed: Placed; words: string }>()
const emit = defineEmits<{
  act: [name: string, next: (lines: Line[], id: string) => Line[], says: string]
  label: [label: string | undefined]
  lead: []
  out: []
}>()
const line = computed(() => props.placed.line)
const ACTS = computed(() => {
  const { first, last, above } = props.placed
  const up = (lines: Line[], id: string) => moved(lines, id, -1)
  const down = (lines: Line[], id: string) => moved(lines, id, 1)
  const stuck = first || line.value.beneath.length > 0
  return [
    { key: 'up', name: '↑', full: 'Up', off: first, next: up, says: 'moved up' },
    { key: 'down', name: '↓', full: 'Down', off: last, next: down, says: 'moved down' },
    above
      ? { key: 'level', name: 'Out', full: 'Out', off: false, next: outward, says: 'is on the first level' }
      : {
          key: 'level',
          name: 'Beneath',
          full: 'Beneath the line before it',
          off: stuck,
          next: inward,
          says: 'stands beneath the line before it',
        },
  ]
})
</script>

<template>
  <span class="grip" title="Drag to move; Alt ↑ ↓ by keys" aria-hidden="true">=</span>
  <WrittenInput
    class="name"
    :value="line.label ?? ''"
    :placeholder="line.takes"
    :aria-label="`What the line ${words} says`"
    maxlength="80"
    @written="(w) => emit('label', w.trim() || undefined)"
  />
  <span class="where">
    <button
      type="button"
      class="textlink mono cut"
      :class="{ must: !line.leads }"
      :title="`${words} leads to ${line.leads ?? 'a page that is gone'}. Click to lead it elsewhere.`"
      @click="emit('lead')"
    >
      {{ line.leads ?? 'a page that is gone' }}
    </button>
    <span v-if="line.unseen && line.leads" class="should unseen-why">◇ {{ line.unseen }}</span>
  </span>
  <span class="acts" role="group" :aria-label="`Acts on ${words}`">
    <button
      v-for="a in ACTS"
      :key="a.key"
      type="button"
      :data-act="a.key"
      :class="{ textlink: a.key === 'level' }"
      :disabled="a.off"
      :title="a.full"
      :aria-label="`${a.full}: ${words}`"
      @click="emit('act', a.key, a.next, `${words} ${a.says}.`)"
    >
      {{ a.name }}
    </button>
    <button type="button" class="textlink" :aria-label="`Take out ${words}`" @click="emit('out')">
      Take out
    </button>
  </span>
</template>

<style scoped>
.grip {
  cursor: grab;
  color: var(--quiet);
}
.name {
  flex: 1 1 180px;
  min-width: 0;
  min-height: 28px;
  border: 0;
  border-bottom: 1px solid transparent;
  background: none;
  font: 600 14px/20px var(--text);
  color: inherit;
}
.name:hover,
.name:focus {
  border-bottom-color: var(--quiet);
}
.name::placeholder {
  color: var(--ink);
  opacity: 1;
}
.where {
  flex: 0 1 210px;
  min-width: 0;
}
.where .textlink {
  max-width: 100%;
  min-height: 24px;
}
.unseen-why {
  display: block;
  font-size: 12px;
  line-height: 16px;
}
.acts {
  display: flex;
  gap: 4px;
  align-items: center;
}
.acts button {
  min-width: 28px;
  min-height: 28px;
}
.acts button:not(.textlink) {
  border: 1px solid var(--line);
  border-radius: 3px;
  background: none;
  color: inherit;
}
.acts button:disabled {
  opacity: 0.35;
}
.acts .textlink {
  font-size: 12px;
  padding: 0 4px;
}
</style>
