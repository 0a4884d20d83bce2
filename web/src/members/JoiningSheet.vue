<script setup lang="ts">
import { computed } from 'vue'
import SheetDialog from '@/look/SheetDialog.vue'
import PropertyInput from '@/property/PropertyInput.vue'
import { useSite } from '@/site/useSite'

/** How people become members, and what is kept of them: facts of the site, live with its next release. */
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const facts = computed(() => site.catalog?.facts ?? {})
const shown = computed(() =>
  (site.catalog?.membership ?? []).filter(
    (p) => p.key !== 'joinDomains' || facts.value.joinWay === 'domains',
  ),
)
const set = (key: string, value: unknown) =>
  site.give({ verb: 'set-value', item: 'site', key, value: value as never })
</script>

<template>
  <SheetDialog title="How people come in" @close="emit('close')">
    <p class="quiet">It holds for visitors with the next release.</p>
    <div v-for="p in shown" :key="p.key" class="one">
      <PropertyInput :property="p" :value="facts[p.key]" @change="(v: unknown) => set(p.key, v)" />
    </div>
  </SheetDialog>
</template>

<style scoped>
.one {
  margin: 14px 0;
}
</style>
