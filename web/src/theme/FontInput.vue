<script setup lang="ts">
import { computed } from 'vue'
import type { Property } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSite } from '@/site/useSite'

/** A family, chosen from words of this site set in each. */
const props = defineProps<{ property: Property; value: string }>()
const emit = defineEmits<{ change: [value: string] }>()
const site = useSite()
const words = computed(() => site.standing?.name ?? '')
const items = computed(() => props.property.choices.map((c) => ({ value: c.value, title: c.label })))
const family = (title: string) => title.split(',')[0]
</script>

<template>
  <div>
    <span class="label">{{ property.label }}</span>
    <ChoiceOf
      :model-value="value"
      :items="items"
      :label="property.label"
      @update:model-value="(v?: string) => v && emit('change', v)"
    >
      <template #default="{ item }">
        <span
          v-if="item.value !== 'own'"
          class="words cut"
          aria-hidden="true"
          :style="{ fontFamily: `'${family(item.title)} Variable'` }"
          >{{ words }}</span
        >
        <span class="name">{{ item.title }}</span>
      </template>
    </ChoiceOf>
    <p v-if="property.help" class="label">{{ property.help }}</p>
  </div>
</template>

<style scoped>
.words {
  display: block;
  font-size: 17px;
  line-height: 23px;
}
.name {
  display: block;
  font-size: 11.5px;
  line-height: 15px;
  color: var(--quiet);
  padding-bottom: 3px;
}
</style>
