<script setup lang="ts">
import { computed } from 'vue'
import { useSite } from '@/site/useSite'
import type { Asked, Told } from './asked'
import { textOf } from './values'

/** A page of the site. */
defineProps<Asked>()
const emit = defineEmits<Told>()
const site = useSite()
const pages = computed(() => [...site.rows.values()].map((r) => ({ value: r.id, title: r.title })))
</script>

<template>
  <v-autocomplete
    :model-value="textOf(value) || null"
    :items="pages"
    clearable
    :aria-label="name ?? property.label"
    placeholder="Name a page"
    @update:model-value="(v: unknown) => emit('change', v ? String(v) : undefined)"
  />
</template>
