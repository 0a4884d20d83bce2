<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, nextTick, onMounted, ref } from 'vue'
import { freshId } from '@/api/client'
import type { PatternInfo } from '@/api/types'
import ProofFrame from '@/proof/ProofFrame.vue'
import { useSite } from '@/site/useSite'
import { COLUMN_SHAPES } from './columnShapes'
import { useGalley } from './useGalley'

const site = useSite()
const galley = useGalley()
const search = ref('')
const group = ref('All')
const box = ref<HTMLElement | null>(null)
const spot = computed(() => galley.spot.value!)
const zoneName = computed(() => galley.page.value?.zones.find((z) => z.key === spot.value.zone)?.name ?? '')
const ORDER = [
  'Openings',
  'Features',
  'Voices',
  'Questions',
  'Pictures',
  'Steps',
  'Calls to act',
  'Contact',
  'Latest',
  'Whole pages',
]
const groups = computed(() => {
  const all = new Set((site.catalog?.patterns ?? []).map((p) => p.group))
  return ['All', ...ORDER.filter((g) => all.has(g)), ...[...all].filter((g) => !ORDER.includes(g)), 'Empty']
})
const shown = computed(() => {
  const words = search.value.trim().toLowerCase()
  return (site.catalog?.patterns ?? [])
    .filter(
      (p) =>
        (group.value === 'All' || p.group === group.value) &&
        `${p.name} ${p.group}`.toLowerCase().includes(words),
    )
    .sort((a, b) => ORDER.indexOf(a.group) - ORDER.indexOf(b.group))
})

async function place(pattern: PatternInfo | null, spans: readonly number[] = []) {
  const id = freshId()
  const { zone, index } = spot.value
  close()
  const answer = await galley.give({
    verb: 'place-section',
    page: galley.id(),
    zone,
    index,
    id,
    pattern: pattern?.id,
    spans: [...spans],
  })
  if (answer.ok) galley.chosen.value = id
}
function close() {
  galley.spot.value = null
}
onMounted(async () => {
  await nextTick()
  box.value?.querySelector<HTMLElement>('.patterns button')?.focus()
})
useEventListener(
  window,
  'keydown',
  (event: KeyboardEvent) => {
    if (event.key === 'Escape') {
      event.stopImmediatePropagation()
      close()
    }
  },
  { capture: true },
)
</script>

<template>
  <section ref="box" class="tray" aria-label="Pattern tray">
    <header>
      <b class="disp">Place a section</b>
      <span class="quiet">{{ spot.after ? `after ${spot.after}, ` : '' }}in {{ zoneName }}</span>
      <nav aria-label="Purpose">
        <button v-for="g in groups" :key="g" type="button" :class="{ on: g === group }" @click="group = g">
          {{ g }}
        </button>
      </nav>
      <input v-model="search" type="search" placeholder="Search patterns" aria-label="Search patterns" />
      <v-btn @click="close">Close<span class="kbd">Esc</span></v-btn>
    </header>
    <div v-if="group === 'Empty'" class="shapes patterns">
      <button v-for="s in COLUMN_SHAPES" :key="s.name" type="button" @click="place(null, s.spans)">
        <span class="shape"><i v-for="(span, i) in s.spans" :key="i" :style="{ flex: span }" /></span>
        <b>{{ s.name }}</b>
      </button>
    </div>
    <div v-else class="patterns">
      <button
        v-for="p in shown"
        :key="p.id"
        type="button"
        :aria-label="`${p.name}, ${p.toFill} to fill`"
        @click="place(p)"
      >
        <ProofFrame class="drawing" :path="`pattern/${p.id}`" :width="1100" still :label="p.name" />
        <span class="name"
          ><b>{{ p.name }}</b>
          <span class="quiet">{{ p.toFill ? `${p.toFill} to fill` : 'ready' }}</span></span
        >
      </button>
      <p v-if="shown.length === 0" class="quiet">
        No pattern is called so. Try another purpose, or place an empty section.
      </p>
    </div>
  </section>
</template>

<style scoped>
.tray {
  position: absolute;
  left: 0;
  right: 0;
  bottom: 0;
  height: 47%;
  background: var(--sheet);
  border-top: 2px solid var(--juniper);
  z-index: 20;
  display: flex;
  flex-direction: column;
  animation: rise 0.16s ease-out;
}
@keyframes rise {
  from {
    transform: translateY(30px);
    opacity: 0;
  }
}
header {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 9px 20px;
  white-space: nowrap;
}
nav {
  display: flex;
  gap: 13px;
  flex: 1;
  overflow-x: auto;
  scrollbar-width: none;
}
nav button {
  border: 0;
  border-bottom: 2px solid transparent;
  background: none;
  color: var(--quiet);
  font: 13.5px/24px var(--text);
  padding: 0;
}
nav button.on {
  color: var(--ink);
  font-weight: 600;
  border-color: var(--juniper);
}
input {
  width: 130px;
  border: 1px solid var(--line);
  border-radius: 3px;
  font: 13px/26px var(--text);
  padding: 0 8px;
  background: var(--paper);
  color: inherit;
}
.patterns {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 4px 20px 20px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 16px 14px;
  align-content: start;
}
.patterns button {
  border: 0;
  background: none;
  padding: 0;
  text-align: left;
  font: inherit;
  color: inherit;
}
.drawing {
  height: 126px;
  border: 1px solid var(--line);
}
button:hover .drawing,
button:focus-visible .drawing,
button:hover .shape {
  border-color: var(--juniper);
  box-shadow: 0 0 0 1px var(--juniper);
}
.name {
  display: block;
  margin-top: 5px;
}
.shapes {
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
}
.shape {
  display: flex;
  gap: 4px;
  height: 70px;
  border: 1px solid var(--line);
  padding: 8px;
  margin-bottom: 6px;
}
.shape i {
  background: var(--juniper-wash);
}
</style>
