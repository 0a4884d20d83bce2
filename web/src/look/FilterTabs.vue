<script setup lang="ts" generic="T extends string">
/** One of several views of a list, in a row of words; how many each holds where that is known. */
defineProps<{ tabs: readonly { key: T; name: string; count?: number }[]; label: string }>()
const on = defineModel<T>({ required: true })
</script>

<template>
  <nav :aria-label="label">
    <button
      v-for="t in tabs"
      :key="t.key"
      type="button"
      :class="{ on: on === t.key }"
      :aria-pressed="on === t.key"
      @click="on = t.key"
    >
      {{ t.name }}
      <span v-if="t.count !== undefined" class="quiet">{{ t.count.toLocaleString('en-GB') }}</span>
    </button>
  </nav>
</template>

<style scoped>
nav {
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
}
button {
  border: 0;
  border-bottom: 2px solid transparent;
  background: none;
  color: var(--quiet);
  font: 13.5px/24px var(--text);
  min-width: 24px;
  padding: 0;
}
button.on {
  color: var(--ink);
  font-weight: 600;
  border-color: var(--juniper);
}
@media (forced-colors: active) {
  button {
    border-color: Canvas;
  }
  button.on {
    border-color: Highlight;
  }
}
</style>
