<script setup lang="ts">
/** One fact of the strip above a galley: its label, and what is to be said or done. */
defineProps<{
  label: string
  note?: string
  /** Never cut short: it holds what is to be clicked. */
  firm?: boolean
}>()
</script>

<template>
  <div class="fact" :class="{ firm }">
    <slot name="sign" />
    <div>
      <span v-if="$slots.label" class="label block"><slot name="label" /></span>
      <span v-else class="label cut said block" :title="note ?? label">{{ label }}</span>
      <div class="cut said"><slot /></div>
    </div>
  </div>
</template>

<style scoped>
.firm {
  flex: none;
}
.block {
  display: block;
}
.said {
  max-width: 190px;
}
@media (max-width: 1300px) {
  .said {
    max-width: 150px;
  }
}
</style>
