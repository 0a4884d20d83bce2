<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { LetterDetail } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSite } from '@/site/useSite'

/** A letter as its readers see it: on a wide screen or a telephone, by day or by night, or as text alone. */
const props = defineProps<{ detail: LetterDetail; sender: string }>()
const SEEN = [
  { value: 'wide', title: 'Wide' },
  { value: 'narrow', title: 'Telephone' },
  { value: 'night', title: 'By night' },
  { value: 'text', title: 'As text' },
] as const
/** A reader’s pane, with room beside the letter; a telephone. */
const WIDTHS = { wide: 648, narrow: 360, night: 648, text: 648 }
const site = useSite()
const seen = ref<(typeof SEEN)[number]['value']>('wide')
const box = ref<HTMLElement | null>(null)
const { width: room, height: high } = useElementSize(box)
const width = computed(() => WIDTHS[seen.value])
const scale = computed(() => Math.min(1, (room.value || width.value) / width.value))
const src = computed(() =>
  props.detail.shown && site.standing
    ? new URL(
        `${props.detail.shown}?v=${props.detail.print}${seen.value === 'night' ? '&night' : ''}`,
        site.standing.proofs,
      ).href
    : '',
)
</script>

<template>
  <section class="reader" aria-label="As its readers see it">
    <div class="row-flex bar">
      <ChoiceOf v-model="seen" label="How it is seen" :items="SEEN" in-line />
      <span v-if="detail.bytes > detail.longest" class="should weight"
        >{{ Math.round(detail.bytes / 1000) }} kB: some readers cut it at {{ detail.longest / 1000 }}</span
      >
    </div>
    <dl class="env">
      <dt>From</dt>
      <dd>{{ sender || 'mail is not set up' }}</dd>
      <dt>Subject</dt>
      <dd class="cut" dir="auto">{{ detail.wording.subject || '—' }}</dd>
    </dl>
    <div ref="box" class="paper" :class="{ night: seen === 'night' }">
      <p v-if="!src" class="none">
        {{
          detail.wording.page ? detail.cannot : 'What the letter is made of shows here as its readers get it.'
        }}
      </p>
      <pre v-else-if="seen === 'text'">{{ detail.plain }}</pre>
      <iframe
        v-else
        :src="src"
        :title="`The letter “${detail.wording.subject}”`"
        sandbox=""
        :style="{
          width: `${width}px`,
          height: `${(high || 400) / scale}px`,
          transform: `scale(${scale})`,
        }"
      />
    </div>
  </section>
</template>

<style scoped>
.reader {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
  background: var(--table);
}
.bar {
  padding: 8px 20px;
  min-height: 48px;
  flex-wrap: wrap;
  gap: 4px 18px;
  border-bottom: 1px solid var(--line);
}
.weight {
  font-size: 13px;
}
.env {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 12px;
  padding: 10px 20px;
  font-size: 13.5px;
  line-height: 20px;
}
.env dt {
  color: var(--quiet);
}
.env dd {
  min-width: 0;
}
.paper {
  flex: 1;
  min-height: 0;
  overflow: hidden;
  margin: 0 20px 20px;
  display: flex;
  justify-content: center;
}
iframe {
  border: 1px solid var(--line);
  background: #fff;
  flex: none;
  transform-origin: top center;
}
.night iframe {
  background: #111;
}
pre {
  flex: 1;
  overflow: auto;
  background: var(--paper);
  border: 1px solid var(--line);
  padding: 18px 22px;
  font: 13px/20px var(--code);
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
.none {
  margin: auto;
  max-width: 360px;
  text-align: center;
  color: var(--quiet);
}
@media (max-width: 820px) {
  .paper {
    min-height: 520px;
  }
}
</style>
