<script setup lang="ts">
import { ref, watch } from 'vue'
import { get } from '@/api/client'
import type { ThemeDetail } from '@/api/types'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import ProofFrame from '@/proof/ProofFrame.vue'
import { useSite } from '@/site/useSite'
import { partAt } from './partAt'

/** A page of every sort, live and at one scale: wide, and narrow beside it; all of them go down together. */
const props = defineProps<{ theme: ThemeDetail; before: boolean }>()
const emit = defineEmits<{ part: [key: string] }>()
const WIDE = 1200
const NARROW = 375
/** How far down the longest are looked at, in pixels of the pages. */
const DEEP = 4000
const site = useSite()
type Frame = InstanceType<typeof ProofFrame>
const frames = new Map<string, Frame>()
const keep = (key: string) => (frame: unknown) =>
  frame ? frames.set(key, frame as Frame) : frames.delete(key)
const top = ref(0)
const tell = (message: object) => frames.forEach((frame) => frame.send(message))
watch(top, () => tell({ type: 'scroll', top: Number(top.value) }))

/** Whoever points at something in a page opens what sets it. */
let pointed = 0
function point(event: MouseEvent, key: string, wide: number) {
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  pointed = ((event.clientY - box.top) * wide) / box.width + Number(top.value)
  frames.get(key)?.send({ type: 'blocks' })
}

/** The look comes before the markup, so that a colour is seen as soon as it is chosen; then page after page is drawn anew. */
let worn = ''
let turn = 0
watch(
  () => site.step,
  async () => {
    if (props.before) return
    const mine = ++turn
    const answer = await get<{ css: string }>(`/sites/${site.id}/theme/style`)
    if (answer.ok && answer.value.css !== worn) {
      worn = answer.value.css
      tell({ type: 'style', css: worn })
    }
    for (const frame of [...frames.values()]) {
      if (mine !== turn) return
      await frame.renew()
    }
  },
)
</script>

<template>
  <div class="contact" aria-label="Contact sheet">
    <label class="down label"
      >Down the pages
      <input
        v-model="top"
        type="range"
        min="0"
        :max="DEEP"
        step="100"
        aria-label="How far down all pages are seen"
      />
    </label>
    <figure v-for="s in theme.sheets" :key="s.page">
      <div class="pair">
        <!-- Whoever has no pointer opens the parts at the left. -->
        <div
          v-for="w in [WIDE, NARROW]"
          :key="w"
          class="spot"
          :style="{ flex: `${w} 1 0` }"
          @click="point($event, `${s.page} ${w}`, w)"
        >
          <ProofFrame
            :ref="keep(`${s.page} ${w}`)"
            class="frame"
            :path="`page/${s.page}`"
            :query="before ? 'of=live' : ''"
            :width="w"
            still
            :markup="before ? undefined : `pages/${s.page}/markup`"
            :label="`${s.kind}: ${s.title}, ${w} pixels wide`"
            @blocks="(blocks) => emit('part', partAt(blocks, pointed))"
          />
        </div>
      </div>
      <figcaption class="row-flex">
        <TemplateGlyph :template="s.template" :wide="26" /><b>{{ s.kind }}</b
        ><span class="quiet cut">{{ s.title }}</span>
      </figcaption>
    </figure>
  </div>
</template>

<style scoped>
.contact {
  padding: 10px 20px 18px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(360px, 1fr));
  gap: 14px 22px;
  align-content: start;
}
.down {
  grid-column: 1 / -1;
  display: flex;
  align-items: center;
  justify-content: flex-end;
  gap: 10px;
}
.down input {
  width: 180px;
  accent-color: var(--juniper);
}
.pair {
  display: flex;
  gap: 8px;
}
.spot {
  min-width: 0;
  cursor: pointer;
}
.frame {
  height: 290px;
  min-width: 0;
  border: 1px solid var(--line);
}
figcaption {
  margin-top: 7px;
}
</style>
