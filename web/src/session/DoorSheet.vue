<script setup lang="ts">
/** What stands before the interface: a form with a heading, for whoever is not signed in. */
defineProps<{ title: string; note?: string }>()
const emit = defineEmits<{ submit: [] }>()
</script>

<template>
  <form class="sheet door-sheet" @submit.prevent="emit('submit')">
    <img src="/mark.svg" alt="" width="26" height="28" />
    <h1>{{ title }}</h1>
    <p v-if="note" class="quiet">{{ note }}</p>
    <slot />
  </form>
</template>

<style scoped>
.door-sheet {
  width: 360px;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.door-sheet :deep(.btn) {
  align-self: flex-start;
  margin-top: 8px;
}
</style>
