<script setup lang="ts">
import { computed } from 'vue'
import type { Property } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSite } from '@/site/useSite'
import { useRead } from './useRead'
import { sample } from './samples'

/** A style, chosen from words of this site set in each as the look has them. */
/** Letters that fit into a sample. */
const ROOM = 9
const props = defineProps<{ property: Property; value: string }>()
const emit = defineEmits<{ change: [value: string] }>()
const site = useSite()
const look = useRead()
const items = computed(() => props.property.choices.map((c) => ({ value: c.value, title: c.label })))
const name = computed(() => items.value.find((i) => i.value === props.value)?.title ?? '')
const named = computed(() => beginning(site.standing?.name ?? ''))
const words = computed(() => {
  const act = beginning(String(site.catalog?.facts.act ?? ''))
  return { heading: named.value, button: act || named.value, link: named.value }
})
/** As many whole words as there is room for, one at least. */
function beginning(all: string): string {
  const [first = '', second = ''] = all.split(/\s+/)
  return first.length + second.length < ROOM ? `${first} ${second}`.trim() : first
}
const of = (choice: string) => sample(props.property.key, choice, look)
</script>

<template>
  <div>
    <span class="label">{{ property.label }} · {{ name }}</span>
    <ChoiceOf
      v-slot="{ item }"
      drawn
      :label="property.label"
      :items="items"
      :model-value="value"
      @update:model-value="(v?: string) => v && emit('change', v)"
    >
      <span class="sample" :style="{ background: look('colourPage') }" aria-hidden="true">
        <i v-if="of(item.value)?.above" :style="of(item.value)?.above">{{
          item.value === 'star' ? '✦' : ''
        }}</i>
        <span class="cut" :style="of(item.value)?.words">{{ words[of(item.value)?.of ?? 'heading'] }}</span>
      </span>
    </ChoiceOf>
    <p v-if="property.help" class="label">{{ property.help }}</p>
  </div>
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
