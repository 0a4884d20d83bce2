<script setup lang="ts">
/** Settings under one heading, which folds them; folded it says which of them are not as usual. */
defineProps<{ label: string; set?: string }>()
const open = defineModel<boolean>('open', { default: false })
</script>

<template>
  <div class="group">
    <button type="button" class="head" :aria-expanded="open" @click="open = !open">
      <span aria-hidden="true">{{ open ? '▾' : '▸' }}</span> {{ label }}
      <span v-if="!open && set" class="quiet">{{ set }}</span>
    </button>
    <div v-if="open" class="inputs"><slot /></div>
  </div>
</template>

<style scoped>
.group + .group {
  border-top: 1px solid var(--line);
}
.head {
  display: flex;
  gap: 8px;
  width: 100%;
  border: 0;
  background: none;
  color: inherit;
  font: 600 13px/20px var(--text);
  padding: 6px 13px;
  text-align: left;
}
.head .quiet {
  font-weight: 400;
}
.inputs {
  padding: 2px 13px 12px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px 12px;
  align-items: start;
}
.inputs :deep(.many) {
  min-width: 0;
}
</style>
