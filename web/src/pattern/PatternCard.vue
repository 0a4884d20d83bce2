<script setup lang="ts">
import { computed } from 'vue'
import type { PatternInfo } from '@/api/types'
import DrawnPlace from '@/drawing/DrawnPlace.vue'
import { counted } from '@/words/counted'

/** A pattern as it is drawn in the list; `pages` is nothing until it is known. */
const props = defineProps<{ pattern: PatternInfo; pages: number | null }>()
const facts = computed(() => {
  const { toFill, sections } = props.pattern
  const many = sections > 1 ? counted(sections, 'section') : ''
  const fill = toFill ? `${toFill} to fill` : sections ? 'ready' : 'nothing in it yet'
  const placed = props.pages ? `on ${counted(props.pages, 'page')}` : ''
  return [many, fill, placed].filter(Boolean).join(' · ')
})
</script>

<template>
  <li>
    <router-link :to="{ name: 'pattern', params: { pattern: pattern.id } }" draggable="false">
      <span class="frame" :class="{ whole: pattern.sections > 1, bare: !pattern.sections }">
        <DrawnPlace
          v-if="pattern.sections"
          class="drawing"
          :of="`pattern/${pattern.id}?drawn=${pattern.drawn}`"
          :version="pattern.drawn"
          :at="1100"
          :label="`Drawing of ${pattern.name}`"
        />
        <span v-else class="quiet">Open it to put a section in</span>
      </span>
      <b dir="auto">{{ pattern.name }}</b>
    </router-link>
    <p v-if="pattern.note" class="note" dir="auto">{{ pattern.note }}</p>
    <p class="label">{{ facts }}</p>
  </li>
</template>

<style scoped>
a {
  color: inherit;
  text-decoration: none;
  display: block;
}
.frame {
  display: block;
  height: 150px;
  border: 1px solid var(--line);
  margin-bottom: 6px;
}
.frame.whole {
  height: 260px;
}
.drawing {
  height: 100%;
}
.frame.bare {
  display: grid;
  place-items: center;
  border-style: dashed;
}
a:hover .frame,
a:focus-visible .frame {
  border-color: var(--juniper);
  box-shadow: 0 0 0 1px var(--juniper);
}
.note {
  font-size: 13px;
  line-height: 17px;
  margin: 1px 0;
}
</style>
