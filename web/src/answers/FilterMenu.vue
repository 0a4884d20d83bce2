<script setup lang="ts">
import { computed } from 'vue'

/** One of several by which a table is narrowed; short, as a word that unrolls. */
const props = defineProps<{ label: string; items: { value: string; title: string }[] }>()
const chosen = defineModel<string | undefined>()
const title = computed(() => props.items.find((i) => i.value === (chosen.value ?? ''))?.title ?? chosen.value)
</script>

<template>
  <v-menu>
    <template #activator="{ props: menu }">
      <button
        type="button"
        class="textlink"
        :class="{ plain: !chosen }"
        v-bind="menu"
        :aria-label="`${label}: ${title}`"
      >
        {{ title }} ▾
      </button>
    </template>
    <v-list>
      <v-list-item
        v-for="i in items"
        :key="i.value"
        :title="i.title"
        :active="i.value === (chosen ?? '')"
        @click="chosen = i.value || undefined"
      />
    </v-list>
  </v-menu>
</template>

<style scoped>
.plain {
  color: var(--quiet);
  text-decoration: none;
}
</style>
