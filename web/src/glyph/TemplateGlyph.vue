<script setup lang="ts">
import { computed } from 'vue'
import { useSite } from '@/site/useSite'

const props = defineProps<{ template: string; colour?: string; wide?: number }>()
const site = useSite()
const info = computed(() => site.templates.get(props.template))
const strength: Record<string, number> = { SOLID: 0.55, WASH: 0.2, LINE: 0.38 }
</script>

<template>
  <svg
    class="glyph"
    viewBox="0 0 30 22"
    :width="props.wide ?? 30"
    :height="((props.wide ?? 30) * 22) / 30"
    role="img"
    :aria-label="`Template ${info?.name ?? 'unknown'}`"
    :style="{ color: props.colour }"
  >
    <title>{{ info?.name }}</title>
    <rect
      x="0.6"
      y="0.6"
      width="28.8"
      height="20.8"
      rx="1.6"
      fill="none"
      stroke="currentColor"
      stroke-width="1.1"
    />
    <rect
      v-for="(mark, i) in info?.glyph.marks ?? []"
      :key="i"
      :x="mark.x"
      :y="mark.y"
      :width="mark.width"
      :height="mark.height"
      fill="currentColor"
      :opacity="strength[mark.ink]"
    />
  </svg>
</template>

<style scoped>
.glyph {
  flex: none;
  display: block;
}
</style>
