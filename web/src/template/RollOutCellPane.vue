<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import type { RollOutCell, RollOutRow } from '@/api/types'
import FilterTabs from '@/look/FilterTabs.vue'
import ProofFrame from '@/proof/ProofFrame.vue'
import { cellWords } from './cellWords'
import type { Choice } from './rollOutChoices'

/** One cell of the roll-out: both wordings, the choice, and the page before and after. */
const props = defineProps<{
  row: RollOutRow
  cell: RollOutCell
  item: string
  /** Whether it is a pattern; else a template. */
  pattern: boolean
  /** What was chosen on this page, by the cells' keys. */
  choices: Record<string, Choice>
}>()
const emit = defineEmits<{ choose: [choice: Choice]; close: [] }>()
const LOOKS = [
  { key: 'before', name: 'Before' },
  { key: 'after', name: 'After, as chosen' },
]
const look = ref('after')
const top = ref<HTMLElement | null>(null)
/** Whoever opens a cell by keys goes on from here to the choices. */
watch(
  () => [props.row.page, props.cell.key],
  () => top.value?.focus({ preventScroll: true }),
  { flush: 'post' },
)
onMounted(() => top.value?.focus({ preventScroll: true }))
const chosen = computed(() => props.choices[props.cell.key])
const words = computed(() => cellWords(props.cell, chosen.value))
const query = computed(() => {
  if (look.value === 'before') return 'marks=1'
  const written = Object.entries(props.choices).map(([key, choice]) => `${key}:${choice}`)
  return `rolled=${props.item}&chosen=${written.join(',')}&marks=1`
})
const open = computed(() => props.cell.state !== 'DONE' && props.cell.state !== 'LEFT')
/** Not on the page as it is. */
const absent = computed(() => props.cell.state === 'COMES' || props.cell.state === 'WITHOUT')
const follow = computed(() => {
  if (absent.value) return 'Bring it in'
  return props.cell.theirs.length ? `Follow the ${props.pattern ? 'pattern' : 'template'}` : 'Take it off'
})
const CHOICES = computed(() => [
  { key: 'FOLLOW' as const, name: follow.value },
  { key: 'KEEP' as const, name: absent.value ? 'Leave it out here' : 'Leave as it is here' },
  ...(absent.value ? [] : [{ key: 'SHELVE' as const, name: 'To the shelf' }]),
])
</script>

<template>
  <aside class="pane side-pane" :aria-label="`${row.title}: ${words.word}`" @keydown.esc="emit('close')">
    <div class="row-flex">
      <h2 ref="top" class="grow" tabindex="-1">{{ row.title }}</h2>
      <v-btn @click="emit('close')">Close</v-btn>
    </div>
    <p :class="words.tone">{{ words.mark }} {{ words.word }}</p>
    <div class="two">
      <section>
        <h3 class="label">As the page has it</h3>
        <p v-for="(w, i) in cell.mine" :key="i">{{ w }}</p>
        <p v-if="!cell.mine.length" class="quiet">
          {{ absent ? (cell.state === 'COMES' ? 'not there yet' : 'not there') : 'only places to fill' }}
        </p>
      </section>
      <section>
        <h3 class="label">When it follows</h3>
        <p v-for="(w, i) in cell.theirs" :key="i" :class="{ new: !cell.mine.includes(w) }">{{ w }}</p>
        <p v-if="!cell.theirs.length" class="quiet">
          {{ cell.state === 'GOES' ? 'taken off' : 'only places to fill' }}
        </p>
      </section>
    </div>
    <div v-if="open" class="row-flex choices" role="group" aria-label="Choice">
      <v-btn
        v-for="c in CHOICES"
        :key="c.key"
        :aria-pressed="chosen === c.key"
        :class="{ yes: chosen === c.key }"
        @click="emit('choose', c.key)"
        >{{ c.name }}</v-btn
      >
    </div>
    <FilterTabs v-model="look" :tabs="LOOKS" label="The page" />
    <div class="look">
      <ProofFrame
        :path="`page/${row.page}`"
        :query="query"
        :width="1100"
        still
        fit
        :label="look === 'after' ? 'After' : 'Before'"
      />
    </div>
  </aside>
</template>

<style scoped>
.pane {
  --side: 440px;
}
h2 {
  font-size: 17px;
  outline: 0;
}
.live {
  color: var(--juniper);
}
.must {
  color: var(--brick);
}
.two {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 16px;
  margin: 10px 0;
  max-height: 200px;
  overflow-y: auto;
  font-size: 13px;
}
.two .new {
  background: var(--juniper-wash);
}
.choices {
  flex-wrap: wrap;
  margin-bottom: 14px;
}
.look {
  border: 1px solid var(--line);
  height: 300px;
  overflow-y: auto;
  margin-top: 8px;
}
</style>
