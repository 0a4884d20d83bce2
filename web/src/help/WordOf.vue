<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import { words } from './words'

/** A word of ours, which says what it means where it stands. */
const props = defineProps<{
  word: string
  /** At the foot of a screen there is room above alone. */
  above?: boolean
}>()
const meaning = computed(() => words.get(props.word) ?? '')
const open = ref(false)
const id = useId()
</script>

<template>
  <span class="word-of" @keydown.esc="open && ($event.stopPropagation(), (open = false))">
    <button
      type="button"
      :aria-expanded="open"
      :aria-controls="id"
      :title="open ? undefined : meaning"
      @click.stop.prevent="open = !open"
      @blur="open = false"
    >
      <slot>{{ word }}</slot>
    </button>
    <span v-if="open" :id="id" class="meaning" :class="{ above }" role="note"
      ><b>{{ word }}</b> {{ meaning }}</span
    >
  </span>
</template>

<style scoped>
.word-of {
  position: relative;
}
button {
  border: 0;
  text-decoration: underline dotted 1px;
  text-underline-offset: 3px;
  background: none;
  color: inherit;
  font: inherit;
  padding: 0;
  cursor: help;
}
.meaning {
  position: absolute;
  left: 0;
  top: 100%;
  z-index: 20;
  width: max-content;
  max-width: 300px;
  margin-top: 4px;
  border: 1px solid var(--ink);
  border-radius: 3px;
  background: var(--sheet);
  color: var(--ink);
  font: 13px/19px var(--text);
  padding: 7px 10px;
  text-align: left;
  white-space: normal;
}
.above {
  top: auto;
  right: 0;
  bottom: 100%;
  left: auto;
  margin: 0 0 4px;
}
</style>
