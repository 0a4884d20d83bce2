<script setup lang="ts">
import { computed } from 'vue'
import type { KindLine } from '@/api/types'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import { placementWords } from '@/site/placementWords'
import { useSite } from '@/site/useSite'
import PageSketch from './PageSketch.vue'
import { partsOf, type Column } from './useKinds'

/** What a kind says in one column of the table of kinds. */
const props = defineProps<{ line: KindLine; column: Column }>()
const site = useSite()
const usual = computed(() => site.kinds.get(props.line.id)?.template ?? '')
const MEANINGS: Record<string, string> = { article: 'an article', event: 'an event', person: 'a person' }
const says = (key: string) => String(props.line.settings[key] ?? '')
function sidesWords({ left, right, inLeft, inRight }: KindLine['shows']) {
  const side = (has: boolean, name: string, holds: string[]) =>
    has ? [holds.length ? name : `${name}, with nothing in it`] : []
  return [...side(left, 'left', inLeft), ...side(right, 'right', inRight)].join('; ') || 'none'
}
const BANDS = { WORDS: 'with words', PICTURE: 'with a picture', NONE: 'none' }
</script>

<template>
  <span v-if="column === 'template'" class="row-flex worn">
    <TemplateGlyph :template="usual" :wide="30" /><span class="cut">{{
      site.templates.get(usual)?.name
    }}</span>
  </span>
  <template v-else-if="column === 'sides'">
    <PageSketch of="columns" :shows="line.shows" /><span class="unseen">{{ sidesWords(line.shows) }}</span>
  </template>
  <template v-else-if="column === 'band'">
    <PageSketch of="band" :shows="line.shows" /><span class="unseen">{{ BANDS[line.shows.band] }}</span>
  </template>
  <span v-else-if="column === 'parts'" class="parts">
    <span
      v-for="p in partsOf(line.shows.parts)"
      :key="p.key"
      :class="{ off: !p.on }"
      :aria-hidden="!p.on || undefined"
      >{{ p.words }}</span
    >
    <span v-if="!line.shows.parts.length" class="unseen">none</span>
  </span>
  <span v-else-if="column === 'madeBy'"
    >{{ says('madeBy') === 'MANAGER' ? 'managers' : 'all' }} · {{ placementWords(line, site) }}</span
  >
  <span v-else-if="column === 'startsIn'">{{ says('startsIn') === 'form' ? 'form' : 'galley' }}</span>
  <template v-else-if="column === 'offeredFirst'">
    <span aria-hidden="true">{{ line.settings.offeredFirst === true ? '●' : '–' }}</span>
    <span class="unseen">{{ line.settings.offeredFirst === true ? 'offered first' : 'not first' }}</span>
  </template>
  <span v-else>{{ MEANINGS[says('meaning')] ?? 'a page' }}</span>
</template>

<style scoped>
.worn {
  gap: 8px;
}
.parts {
  min-width: 230px;
  display: flex;
  flex-wrap: wrap;
  gap: 0 7px;
}
.parts span {
  font-weight: 650;
}
.parts .off {
  font-weight: 400;
  color: var(--quiet);
}
</style>
