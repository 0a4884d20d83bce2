<script setup lang="ts">
import { computed } from 'vue'
import type { PageSides } from '@/api/types'
import PartPair from '@/proof/PartPair.vue'

/** A page on two sides, as words: the parts that differ. */
const props = defineProps<{ sides: PageSides | null; before: string; after: string }>()
const differing = computed(() => props.sides?.parts.filter((p) => p.state !== 'SAME') ?? [])
const WORDS: Record<string, string> = { CHANGED: 'changed', ADDED: 'comes', REMOVED: 'goes' }
const moved = computed(() => props.sides && props.sides.before !== props.sides.after)
</script>

<template>
  <div class="words" tabindex="0" aria-label="What differs, as words">
    <div class="sides head label">
      <span>{{ before }}</span><span>{{ after }}</span>
    </div>
    <div v-if="moved" class="sides mono">
      <span>{{ sides?.before ?? 'not there' }}</span><span>{{ sides?.after ?? 'not there' }}</span>
    </div>
    <p v-if="sides && !differing.length && !moved" class="quiet">
      Its own words are the same. What stands around them, its place or its look differ.
    </p>
    <section v-for="p in differing" :key="p.section ?? 'facts'">
      <h3>
        {{ p.name }} <span class="quiet">{{ WORDS[p.state] }}</span>
      </h3>
      <p v-if="p.before.join() === p.after.join()" class="quiet">
        The words are the same; its pictures, links or settings differ.
      </p>
      <PartPair v-else :before="p.before" :after="p.after" />
    </section>
  </div>
</template>

<style scoped>
.words {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  background: var(--sheet);
  border: 1px solid var(--line);
  padding: 10px 16px;
}
section {
  border-top: 1px solid var(--line2);
  padding: 8px 0;
}
.sides {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 20px;
  overflow-wrap: anywhere;
}
.head {
  padding-bottom: 6px;
}
</style>
