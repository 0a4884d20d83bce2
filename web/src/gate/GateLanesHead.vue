<script setup lang="ts">
import type { Lane } from './gates'

/** The groups of visitors that have a lane; one of them is whom the card shows the page as. */
defineProps<{ lanes: Lane[] }>()
const as = defineModel<string>({ required: true })
</script>

<template>
  <div class="lanes-head label">
    <span class="grow" />
    <template v-for="l in lanes" :key="l.key">
      <span v-if="l.robots" class="lane cut">{{ l.label }}</span>
      <button
        v-else
        type="button"
        class="lane cut"
        :aria-pressed="as === l.key"
        :title="`Look at pages as ${l.label}`"
        @click="as = l.key"
      >
        {{ l.label }}
      </button>
    </template>
    <span class="said">Said here</span>
  </div>
</template>

<style scoped src="@/look/lanesHead.css"></style>
<style scoped>
.lanes-head {
  --lane: 62px;
}
button.lane {
  border: 0;
  background: none;
  padding: 0 3px;
  font: inherit;
  color: inherit;
  height: 30px;
}
button[aria-pressed='true'] {
  color: var(--ink);
  font-weight: 600;
  box-shadow: inset 0 -2px 0 var(--ink);
}
.said {
  width: 210px;
  flex: none;
  padding: 0 12px;
}
@media (max-width: 1150px) {
  .said {
    width: 96px;
  }
}
@media (max-width: 820px) {
  .lanes-head {
    display: none;
  }
}
</style>
