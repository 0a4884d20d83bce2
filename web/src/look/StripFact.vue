<script setup lang="ts">
/** One fact of the strip above a galley: its label, and what is to be said or done. */
defineProps<{ label: string; note?: string }>()
</script>

<template>
  <div class="fact">
    <slot name="sign" />
    <div>
      <span class="label cut said block" :title="note ?? label">{{ label }}</span>
      <div class="cut said"><slot /></div>
    </div>
  </div>
</template>

<style scoped>
.block {
  display: block;
}
.said {
  max-width: 190px;
}
@media (max-width: 1100px) {
  .block {
    display: block;
  }
  .said {
    max-width: 110px;
  }
}
</style>
