<script setup lang="ts">
/** The three colours by which a look is known. */
defineProps<{ colours: string[] }>()
</script>

<template>
  <span class="swatch" aria-hidden="true"
    ><i v-for="c in colours" :key="c" :style="{ background: c }"
  /></span>
</template>

<style scoped>
.swatch {
  display: inline-flex;
  border: 1px solid var(--line);
}
i {
  width: 12px;
  height: 12px;
}
</style>
