<script setup lang="ts">
/** A group of what can be chosen: what it is for at the left, what there is beside it. */
defineProps<{ title: string; note: string }>()
</script>

<template>
  <section class="group" :aria-label="title">
    <div class="what-for">
      <h3>{{ title }}</h3>
      <p class="quiet">{{ note }}</p>
    </div>
    <div class="all"><slot /></div>
  </section>
</template>

<style scoped>
.group {
  display: grid;
  grid-template-columns: 118px minmax(0, 1fr);
  gap: 16px;
  border-top: 1px solid var(--line);
  padding: 12px 0;
}
h3 {
  font-size: 15px;
  line-height: 19px;
}
.what-for .quiet {
  font-size: 13px;
  line-height: 17px;
}
.all {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(112px, 1fr));
  gap: 14px 12px;
}
@media (max-width: 820px) {
  .group {
    grid-template-columns: minmax(0, 1fr);
    gap: 8px;
  }
}
</style>
