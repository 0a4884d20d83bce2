<script setup lang="ts">
import { computed } from 'vue'
import type { Property } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'

/** One of several, each shown by what the slot draws of it; the chosen one's name stands above. */
const props = defineProps<{ property: Property; value: string }>()
const emit = defineEmits<{ change: [value: string] }>()
const items = computed(() => props.property.choices.map((c) => ({ value: c.value, title: c.label })))
const name = computed(() => items.value.find((i) => i.value === props.value)?.title ?? '')
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
      <slot :choice="item.value" />
    </ChoiceOf>
    <p v-if="property.help" class="label">{{ property.help }}</p>
  </div>
</template>
