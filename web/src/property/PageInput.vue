<script setup lang="ts">
import { computed } from 'vue'
import { useSite } from '@/site/useSite'
import type { Asked, Told } from './asked'
import { useEntries } from './entries'
import { textOf } from './values'

/** A page of the site, or an entry of one of its kinds without pages where these can be named too. */
const props = defineProps<Asked>()
const emit = defineEmits<Told>()
const site = useSite()
const withEntries = computed(() => props.property.type === 'ENTRY')
const entries = useEntries(() => withEntries.value)
const pages = computed(() => [
  ...[...site.rows.values()].map((r) => ({ value: r.id, title: r.title })),
  ...entries.all.value.map((e) => ({
    value: e.id,
    title: e.name,
    props: { subtitle: site.kinds.get(e.kind)?.name },
  })),
])
</script>

<template>
  <v-autocomplete
    :model-value="textOf(value) || null"
    :items="pages"
    clearable
    :aria-label="name ?? property.label"
    :placeholder="withEntries ? 'Name a page or entry' : 'Name a page'"
    @update:model-value="(v: unknown) => emit('change', v ? String(v) : undefined)"
  />
</template>
