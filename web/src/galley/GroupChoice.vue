<script setup lang="ts">
import { computed, ref } from 'vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSite } from '@/site/useSite'

/** The group under which a pattern is offered: one that there is, or a new one. */
const group = defineModel<string>({ required: true })
const site = useSite()
const NEW = ''
const known = computed(() => [...new Set([...(site.catalog?.patternGroups ?? []), 'Our own'])])
const items = computed(() => [
  ...known.value.map((name) => ({ value: name, title: name })),
  { value: NEW, title: 'a new group…' },
])
const fresh = ref(!known.value.includes(group.value))
const chosen = computed({
  get: () => (fresh.value ? NEW : group.value),
  set: (name: string | undefined) => {
    fresh.value = name === NEW
    group.value = name ?? NEW
  },
})
</script>

<template>
  <div>
    <span class="label">Offered under</span>
    <ChoiceOf v-model="chosen" :items="items" label="Offered under" />
    <input
      v-if="fresh"
      v-model="group"
      v-focus
      class="boxed"
      dir="auto"
      maxlength="60"
      aria-label="Name of the new group"
      placeholder="What the new group is called"
    />
  </div>
</template>

<style scoped>
.boxed {
  margin-top: 6px;
}
</style>
