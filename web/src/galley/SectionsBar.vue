<script setup lang="ts">
import { computed } from 'vue'
import { useGalley } from './useGalley'

/** The sections of a long sheet, to jump by; and all of them folded to their heads. */
const folded = defineModel<boolean>({ required: true })
const galley = useGalley()
const FROM = 3
const all = computed(() =>
  (galley.sheet.value?.zones ?? []).flatMap((z) => [...z.fixed, ...z.sections].map((own) => own.section)),
)
const toFill = (id: string) => galley.sheet.value?.toFill.filter((p) => p.section === id).length ?? 0

function jump(id: string) {
  const card = document.querySelector<HTMLElement>(`.galley [data-section="${id}"]`)
  card?.scrollIntoView({ block: 'start', behavior: 'smooth' })
  card?.focus({ preventScroll: true })
}
</script>

<template>
  <nav v-if="all.length >= FROM" class="bar" aria-label="Sections">
    <ol>
      <li v-for="s in all" :key="s.id">
        <button
          type="button"
          :class="{ on: galley.chosen.value === s.id }"
          :aria-current="galley.chosen.value === s.id || undefined"
          @click="jump(s.id)"
        >
          <bdi>{{ s.name }}</bdi><span v-if="toFill(s.id)" class="fill"> · {{ toFill(s.id) }} to fill</span>
        </button>
      </li>
    </ol>
    <button type="button" class="textlink" :aria-pressed="folded" @click="folded = !folded">
      {{ folded ? 'Unfold all' : 'Fold all' }}
    </button>
  </nav>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: start;
  gap: 16px;
  margin-bottom: 14px;
  padding-bottom: 8px;
  border-bottom: 1px solid var(--line);
}
ol {
  flex: 1;
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  max-height: 74px;
  overflow-y: auto;
}
li button {
  border: 0;
  background: none;
  color: var(--quiet);
  font: 13px/24px var(--text);
  padding: 0;
  max-width: 220px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
li button:hover,
li button.on {
  color: var(--ink);
  text-decoration: underline;
  text-underline-offset: 4px;
}
.fill {
  color: var(--ochre-ink);
}
.textlink {
  white-space: nowrap;
  font: 13px/24px var(--text);
}
</style>
