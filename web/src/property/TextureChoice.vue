<script setup lang="ts">
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSite } from '@/site/useSite'

/** A texture, chosen from how they look; what is no texture stands among them in words. */
defineProps<{ items: { value: string; title: string }[]; label: string }>()
const chosen = defineModel<string>()
const site = useSite()
function drawn(key: string) {
  const svg = site.catalog?.textures[key]
  return svg ? { maskImage: `url("data:image/svg+xml,${encodeURIComponent(svg)}")` } : undefined
}
</script>

<template>
  <ChoiceOf v-slot="{ item }" v-model="chosen" drawn :items="items" :label="label">
    <span class="swatch">
      <i v-if="drawn(item.value)" aria-hidden="true" :style="drawn(item.value)" />
      <template v-else>{{ item.title }}</template>
    </span>
  </ChoiceOf>
</template>

<style scoped>
.swatch {
  position: relative;
  display: grid;
  place-items: center;
  width: 100%;
  min-width: 40px;
  overflow: hidden;
  height: 44px;
  font-size: 12px;
  line-height: 15px;
  text-align: center;
}
i {
  position: absolute;
  inset: 0;
  background: var(--ink);
  opacity: 0.62;
}
</style>
