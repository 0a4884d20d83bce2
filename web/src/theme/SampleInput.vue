<script setup lang="ts">
import { computed } from 'vue'
import type { Property } from '@/api/types'
import { useSite } from '@/site/useSite'
import DrawnChoice from './DrawnChoice.vue'
import { sample } from './samples'
import { useRead } from './useRead'

/** Letters that fit into a sample. */
const ROOM = 9

/** A style, chosen from words of this site set in each as the look has them. */
const props = defineProps<{ property: Property; value: string }>()
const emit = defineEmits<{ change: [value: string] }>()
const site = useSite()
const look = useRead()
/** As many whole words as there is room for, one at least. */
function beginning(all: unknown): string {
  const [first = '', second = ''] = String(all ?? '').split(/\s+/)
  return first.length + second.length < ROOM ? `${first} ${second}`.trim() : first
}
const words = computed(() => {
  const name = beginning(site.standing?.name)
  return { heading: name, button: beginning(site.catalog?.facts.act) || name, link: name }
})
const samples = computed(
  () => new Map(props.property.choices.map((c) => [c.value, sample(props.property.key, c.value, look)])),
)
</script>

<template>
  <DrawnChoice v-slot="{ choice }" :property="property" :value="value" @change="(v) => emit('change', v)">
    <span class="sample" :style="{ background: look('colourPage') }" aria-hidden="true">
      <i v-if="samples.get(choice)?.above" :style="samples.get(choice)?.above">{{
        choice === 'star' ? '✦' : ''
      }}</i>
      <span class="cut" :style="samples.get(choice)?.words">{{
        words[samples.get(choice)?.of ?? 'heading']
      }}</span>
    </span>
  </DrawnChoice>
</template>

<style scoped>
.sample {
  display: flex;
  flex-direction: column;
  justify-content: center;
  align-items: flex-start;
  gap: 4px;
  min-height: 44px;
  padding: 5px;
  font-size: 12px;
  line-height: 18px;
  overflow: hidden;
}
.sample > * {
  max-width: 100%;
  font-style: normal;
}
</style>
