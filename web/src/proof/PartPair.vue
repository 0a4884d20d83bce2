<script setup lang="ts">
/** The words of a part in two versions, beside each other; what only one has is marked. */
defineProps<{ before: readonly string[]; after: readonly string[] }>()
</script>

<template>
  <div class="pair">
    <div>
      <p v-for="(w, i) in before" :key="i" dir="auto" :class="{ differs: !after.includes(w) }">{{ w }}</p>
    </div>
    <div>
      <p v-for="(w, i) in after" :key="i" dir="auto" :class="{ differs: !before.includes(w) }">{{ w }}</p>
    </div>
  </div>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 20px;
  font-size: 13px;
}
p {
  padding: 2px 6px;
  overflow-wrap: anywhere;
}
.differs {
  background: var(--ochre-wash);
  border-left: 2px solid var(--ochre);
}
</style>
