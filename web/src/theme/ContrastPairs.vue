<script setup lang="ts">
import { computed } from 'vue'
import type { ThemeDetail, Value } from '@/api/types'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/** Every pair of words and ground that the look makes: how well it reads, and where it is met. */
const props = defineProps<{ theme: ThemeDetail }>()
const emit = defineEmits<{ take: [key: string, value: Value] }>()
const site = useSite()
const failing = computed(() => props.theme.contrast.filter((c) => c.ratio < c.needed))
/** The parts of a page that wear a tone by a setting of their own. */
const WEARS: Record<string, string> = {
  headerTone: 'header',
  bandTone: 'title band',
  footerTone: 'footer',
}
function where(tone: string): string {
  const parts = Object.entries(WEARS).flatMap(([key, part]) => {
    const p = props.theme.groups.flatMap((g) => g.settings).find((s) => s.key === key)
    return (props.theme.settings[key] ?? p?.fallback) === tone ? [part] : []
  })
  return [counted(props.theme.tones[tone] ?? 0, 'section'), ...parts].join(', ')
}
</script>

<template>
  <div v-for="c in failing" :key="c.label" class="note-box">
    <b class="should">◇ {{ c.ratio.toFixed(1) }} : 1</b> {{ c.label }}. Asked: {{ c.needed }}.
    <button type="button" class="textlink" @click="emit('take', c.setting, c.nearest)">
      Take {{ c.nearest }}
    </button>
  </div>
  <p v-if="!failing.length" class="label">
    All {{ theme.contrast.length }} pairs of words and ground pass WCAG AA.
  </p>
  <details>
    <summary>Where each is met</summary>
    <ul class="label">
      <li v-for="c in theme.contrast" :key="c.label">
        <span class="mono">{{ c.ratio.toFixed(1) }}</span> {{ c.label }}
        <span class="quiet">{{ where(c.tone) }}</span>
      </li>
    </ul>
  </details>
  <span class="label">Tones, as sections wear them</span>
  <div class="tones">
    <div
      v-for="t in site.catalog?.tones ?? []"
      :key="t.key"
      :style="{ background: t.ground, color: t.words }"
    >
      {{ t.label }}<br />{{ counted(theme.tones[t.key] ?? 0, 'section') }}
    </div>
  </div>
</template>

<style scoped>
summary {
  cursor: pointer;
  font-weight: 600;
}
ul {
  list-style: none;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 34px 1fr;
  padding-top: 4px;
}
li .quiet {
  grid-column: 2;
}
.tones {
  display: grid;
  grid-template-columns: repeat(2, 1fr);
  gap: 6px;
}
.tones > div {
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 4px 7px;
  font-size: 12px;
  line-height: 16px;
  overflow-wrap: anywhere;
}
</style>
