<script setup lang="ts">
import { computed } from 'vue'
import type { Value } from '@/api/types'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import PropertyInput from '@/property/PropertyInput.vue'

/** The facts of the site that an element shows, or all of them hung from a margin; what is missing can be filled there and then, for the whole site. */
const props = defineProps<{ keys: string[]; hanging?: boolean }>()
const site = useSite()
const session = useSession()
const facts = computed(() =>
  (site.catalog?.siteFacts ?? [])
    .filter((f) => props.keys.includes(f.key))
    .map((f) => ({ property: f, value: site.catalog?.facts[f.key] })),
)
const manager = computed(() => session.manager)

function set(key: string, value: Value | undefined) {
  void site.give({ verb: 'set-value', item: 'site', key, value: value })
}
</script>

<template>
  <div class="facts" :class="{ hanging }">
    <template v-for="f in facts" :key="f.property.key">
      <PropertyInput
        v-if="manager"
        :property="f.property"
        :value="f.value"
        @change="(v) => set(f.property.key, v)"
      />
      <p v-else>
        <span class="label">{{ f.property.label }}</span>
        {{ f.value ?? 'not given yet; a manager can fill it' }}
      </p>
    </template>
    <p v-if="!hanging" class="label">Facts of the site: a change shows wherever they are shown.</p>
  </div>
</template>

<style scoped>
.facts {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  border: 1px dashed var(--line);
  padding: 8px 10px;
}
/* Labels stand in a margin, what is written beside them. */
.hanging {
  border: 0;
  padding: 0;
  gap: 12px;
}
@media (min-width: 600px) {
  .hanging :deep(.input) {
    display: grid;
    grid-template-columns: 112px minmax(0, 1fr);
    gap: 2px 16px;
  }
  .hanging :deep(.input > *) {
    grid-column: 2;
  }
  .hanging :deep(.input > label:first-child) {
    grid-column: 1;
    padding-top: 8px;
    text-align: right;
  }
}
</style>
