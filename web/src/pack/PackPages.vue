<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PackHow, PackLooked, PackPage } from '@/api/types'
import DrawingBoard from '@/drawing/DrawingBoard.vue'
import DrawnPlace from '@/drawing/DrawnPlace.vue'
import FilterTabs from '@/look/FilterTabs.vue'
import { counted } from '@/words/counted'
import { becomes, choiceOf, deepIn, ticked } from './packPages'

/** The pages of a pack beside the same pages here: which of them come, and what becomes of those that differ. */
const props = defineProps<{ looked: PackLooked }>()
const emit = defineEmits<{ look: [] }>()
const how = defineModel<PackHow>('how', { required: true })
const AT_ONCE = 40
const most = ref(AT_ONCE)
const pages = computed(() => props.looked.pages)
const shown = computed(() => pages.value.slice(0, most.value))
const coming = computed(() => new Set(how.value.pages ?? pages.value.map((p) => p.id)))
const deep = computed(() => deepIn(pages.value))
const CHOICES = [
  { key: 'MINE', name: 'Keep ours' },
  { key: 'THEIRS', name: 'Take theirs' },
  { key: 'BOTH', name: 'Another copy' },
]

const AS_IT_IS = [{ key: 'MINE', name: 'As it is' }, CHOICES[2]!]

function tick(ids: string[], on: boolean) {
  how.value.pages = ticked(pages.value, coming.value, ids, on)
  emit('look')
}
function tickAll(on: boolean) {
  const ids = pages.value.map((p) => p.id)
  tick(ids, on)
}
function choose(page: PackPage, choice: string) {
  how.value.each = { ...how.value.each, [page.id]: choice as PackHow['differing'] }
  emit('look')
}
/** What takes the place of another page stays nowhere and stands beside nothing. */
const offersChoice = (page: PackPage) =>
  page.here &&
  coming.value.has(page.id) &&
  how.value.how !== 'ONLY_PATTERNS' &&
  !(how.value.how === 'IN_PLACE_OF' && page.id === props.looked.report.root)
const choice = (page: PackPage) => choiceOf(page, how.value)
const said = (page: PackPage) => becomes(page, how.value, props.looked.report)
</script>

<template>
  <section aria-labelledby="pack-pages">
    <div class="row-flex">
      <h3 id="pack-pages" class="grow">
        Pages <span class="many">{{ coming.size }} of {{ pages.length }}</span>
      </h3>
      <template v-if="pages.length > 1">
        <button
          type="button"
          class="textlink"
          :disabled="coming.size === pages.length"
          @click="tickAll(true)"
        >
          all
        </button>
        <button type="button" class="textlink" :disabled="!coming.size" @click="tickAll(false)">none</button>
      </template>
    </div>
    <DrawingBoard>
      <div class="page heads label" aria-hidden="true">
        <span class="wide">In the pack</span><span class="wide">Here</span>
      </div>
      <ul>
        <li v-for="p in shown" :key="p.id" class="page" :class="{ out: !coming.has(p.id) }">
          <v-checkbox
            :model-value="coming.has(p.id)"
            :disabled="pages.length === 1"
            :aria-label="`Bring in ${p.name}`"
            @update:model-value="(on: unknown) => tick([p.id], !!on)"
          />
          <DrawnPlace
            :of="`pack/${looked.id}/${p.id}`"
            :version="looked.id"
            :at="1280"
            class="drawn"
            :pale="!coming.has(p.id)"
            :label="`${p.name}, in the pack`"
          />
          <DrawnPlace
            v-if="p.here"
            :of="`page/${p.here.id}`"
            :at="1280"
            class="drawn"
            :pale="choice(p) === 'THEIRS' && coming.has(p.id)"
            :label="`${p.here.name}, as it is here`"
          />
          <span v-else class="drawn none label">not here yet</span>
          <div class="words" :style="{ paddingLeft: `${Math.min(4, deep.get(p.id) ?? 0) * 12}px` }">
            <div class="cut name" dir="auto" :title="p.name">{{ p.name }}</div>
            <FilterTabs
              v-if="offersChoice(p)"
              :model-value="choice(p)"
              :tabs="p.standing === 'SAME' ? AS_IT_IS : CHOICES"
              :label="`What becomes of ${p.name}`"
              @update:model-value="(c) => choose(p, c)"
            />
            <p :class="said(p).weighs ? 'should' : 'quiet'">{{ said(p).words }}</p>
          </div>
        </li>
      </ul>
    </DrawingBoard>
    <v-btn v-if="pages.length > most" class="gap" @click="most += AT_ONCE"
      >Show {{ counted(Math.min(AT_ONCE, pages.length - most), 'page') }} more</v-btn
    >
  </section>
</template>

<style scoped>
.many {
  font: 500 13px/20px var(--text);
  color: var(--quiet);
  margin-left: 4px;
}
ul {
  list-style: none;
  border-top: 1px solid var(--line);
}
.page {
  display: grid;
  grid-template-columns: 28px 128px 128px minmax(0, 1fr);
  gap: 10px;
  align-items: start;
  padding: 10px 0;
}
li.page {
  border-bottom: 1px solid var(--line2);
}
.heads {
  padding: 6px 0 2px;
}
.heads .wide:first-child {
  grid-column: 2;
}
.drawn {
  height: 92px;
  border: 1px solid var(--line);
}
.none {
  display: flex;
  align-items: center;
  justify-content: center;
  border-style: dashed;
}
.name {
  font-weight: 600;
}
.out .name {
  color: var(--quiet);
  font-weight: 400;
}
@media (max-width: 700px) {
  .page {
    grid-template-columns: 28px 1fr 1fr;
  }
  .words {
    grid-column: 2 / -1;
    padding-left: 0 !important;
  }
}
</style>
