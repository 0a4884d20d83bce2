<script setup lang="ts">
import { elementOf } from '@/look/targets'
import { onMounted, ref, watch } from 'vue'
import { get } from '@/api/client'
import type { Style, ThemeDetail } from '@/api/types'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import DrawingBoard from '@/drawing/DrawingBoard.vue'
import DrawnPlace from '@/drawing/DrawnPlace.vue'
import { useSite } from '@/site/useSite'
import { partAt } from './partAt'
import type { Trial } from './useTrial'

/** A page of every sort, live and at one scale: wide, and narrow beside it; all of them go down together. */
const props = defineProps<{ theme: ThemeDetail; before: boolean; trial: Trial | null }>()
const emit = defineEmits<{ part: [key: string] }>()
const WIDE = 1200
const NARROW = 375
/** How far down the longest are looked at, in pixels of the pages. */
const DEEP = 4000
const site = useSite()
const board = ref<InstanceType<typeof DrawingBoard> | null>(null)
/** The step that last changed more than the look's colours and numbers. */
const drawn = ref(site.step)
const top = ref(0)
const tell = (message: object) => board.value?.send(message)
/** What the pages wear over the look that they were drawn in; what visitors see now wears nothing over its own. */
let over: object = { type: 'style' }
const wear = (style: object) => tell((over = { type: 'style', ...style }))
watch(
  () => props.before,
  (before) => tell(before ? { type: 'style' } : over),
)
watch(top, () => tell({ type: 'scroll', top: Number(top.value) }))

/** Whoever points at something in a page opens what sets it. */
let pointed = 0
function point(event: MouseEvent, key: string, wide: number) {
  const box = elementOf(event.currentTarget)?.getBoundingClientRect()
  if (!box) return
  pointed = ((event.clientY - box.top) * wide) / box.width + Number(top.value)
  tell({ type: 'blocks', id: key })
}

/** What is only being tried is asked for by itself, the latest alone: it is seen while it is still being chosen. */
let trying = false
let tried = false
let worn: Style | null = null
async function tryOut() {
  if (trying || !props.trial || props.before) return
  trying = true
  const asked = props.trial
  const answer = await get('/api/sites/{site}/theme/trial', { path: { site: site.id }, query: asked })
  trying = false
  if (answer.ok) wear({ tokens: answer.value.tokens })
  tried = true
  if (props.trial !== asked) void tryOut()
}
watch(() => props.trial, tryOut)

/** The look comes before the markup; where no more than colours and numbers are new in it, that is all. */
let turn = 0
watch(
  () => site.step,
  async () => {
    if (props.before) return
    const mine = ++turn
    const answer = await get('/api/sites/{site}/theme/style', { path: { site: site.id } })
    if (mine !== turn) return
    if (answer.ok) {
      const was = worn
      worn = answer.value
      const { css, tokens } = worn
      const alone = was?.rules === worn.rules && was.revision !== worn.revision
      if (tried || was?.revision !== worn.revision) wear(alone ? { tokens } : { css, tokens })
      tried = false
      if (alone) return
    }
    drawn.value = site.step
  },
)
onMounted(async () => {
  const answer = await get('/api/sites/{site}/theme/style', { path: { site: site.id } })
  if (answer.ok) worn ??= answer.value
})
</script>

<template>
  <DrawingBoard
    ref="board"
    aria-label="Contact sheet"
    @blocks="(_, blocks) => emit('part', partAt(blocks, pointed))"
  >
    <div class="contact">
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
            <DrawnPlace
              class="frame"
              :name="`${s.page} ${w}`"
              :of="before ? `page/${s.page}?of=live` : `page/${s.page}`"
              :version="String(drawn)"
              :at="w"
              whole
              :label="`${s.kind}: ${s.title}, ${w} pixels wide`"
            />
          </div>
        </div>
        <figcaption class="row-flex">
          <TemplateGlyph :template="s.template" :wide="26" /><b>{{ s.kind }}</b
          ><span class="quiet cut">{{ s.title }}</span>
        </figcaption>
      </figure>
    </div>
  </DrawingBoard>
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
