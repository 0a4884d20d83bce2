<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import type { Catalog } from '@/api/types'
import { useSite } from '@/site/useSite'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import type { OutlineRow } from './outline'
import GateMarks from '@/gate/GateMarks.vue'
import type { Lane } from '@/gate/gates'
import PlanMarks from './PlanMarks.vue'
import { STATE_WORDS } from '@/words/stateWords'

const props = defineProps<{
  line: OutlineRow
  colour: string
  menus: Catalog['menus']
  gated?: Lane[] | null
  chosen: boolean
  /** Chosen together with others. */
  picked?: boolean
  /** On its way to another place. */
  held?: boolean
  renaming: boolean
  /** What was written and refused, to be mended. */
  written?: string
  drop?: { where: string; whyNot: string } | null
}>()
const emit = defineEmits<{
  choose: [event: MouseEvent]
  open: []
  fold: []
  rename: [title: string | null]
  menu: [menu: string, there: boolean]
}>()

const row = computed(() => props.line.row)
const state = computed(() => STATE_WORDS[row.value.state])
const site = useSite()
const template = computed(() => site.templates.get(row.value.template)?.name ?? row.value.template)
const input = ref<HTMLInputElement | null>(null)
const title = ref('')

watch(
  () => props.renaming,
  async (is) => {
    title.value = props.written ?? row.value.title
    await nextTick()
    if (is) input.value?.select()
  },
)

function done() {
  emit('rename', title.value)
}
</script>

<template>
  <div
    :id="`row-${row.id}`"
    class="line"
    role="treeitem"
    :aria-level="line.depth + 1"
    :aria-posinset="line.place"
    :aria-setsize="line.of"
    :aria-selected="chosen || picked"
    :aria-current="chosen || undefined"
    :aria-expanded="line.children ? line.open : undefined"
    :class="{ chosen, picked, held, no: drop?.whyNot }"
    :data-drop="drop?.where"
    :style="{ '--lens': colour }"
    @click="emit('choose', $event)"
    @dblclick="emit('open')"
  >
    <div class="name" :style="{ paddingLeft: `${14 + line.depth * 22}px` }">
      <button
        v-if="line.children"
        type="button"
        class="fold"
        tabindex="-1"
        :title="line.open ? 'Fold' : 'Unfold'"
        aria-hidden="true"
        @click.stop="emit('fold')"
      >
        {{ line.open ? '▾' : '▸' }}
      </button>
      <span v-else class="fold" />
      <TemplateGlyph :template="row.template" :colour="colour" aria-hidden="true" />
      <input
        v-if="renaming"
        ref="input"
        v-model="title"
        class="rename"
        aria-label="Title"
        @click.stop
        @dblclick.stop
        @keydown.enter.stop="done"
        @keydown.esc.stop="emit('rename', null)"
        @keydown.stop
        @blur="done"
      />
      <template v-else>
        <span class="title cut" dir="auto" :title="row.title">{{ row.title }}</span>
        <span v-if="row.home" class="home">home</span>
        <span v-for="t in row.tasks" :key="t" class="home task">{{ t.toLowerCase() }}</span>
        <span class="mono cut address">{{ row.address }}</span>
        <span class="unseen">, wears {{ template }}</span>
      </template>
      <span v-if="drop?.whyNot" class="why" role="status">{{ drop.whyNot }}</span>
    </div>
    <GateMarks v-if="gated" :row="row" :lanes="gated" />
    <PlanMarks
      v-else
      :row="row"
      :menus="menus"
      :chosen="chosen"
      @menu="(m, there) => emit('menu', m, there)"
    />
    <template v-if="!gated">
      <div class="lane wide state" :class="row.state">{{ state.mark }} {{ state.word }}</div>
      <div class="lane num">
        <template v-if="row.toFill">{{ row.toFill }}<span class="unseen"> to fill</span></template>
      </div>
      <div class="lane num">
        <span v-if="row.mustFix" class="must" :title="`${row.mustFix} must fix`"
          >◆ {{ row.mustFix }}<span class="unseen"> must fix</span></span
        >
        <span v-else-if="row.shouldFix" class="should" :title="`${row.shouldFix} should fix`"
          >◇ {{ row.shouldFix }}<span class="unseen"> should fix</span></span
        >
        <span v-else-if="row.notes" class="quiet" :title="`${row.notes} to note`"
          >· {{ row.notes }}<span class="unseen"> to note</span></span
        >
      </div>
    </template>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  align-items: stretch;
  height: 36px;
  border-bottom: 1px solid var(--line2);
  border-left: 4px solid var(--lens);
  cursor: default;
  position: relative;
}
.line.chosen {
  background: var(--sheet);
  outline: 2px solid var(--juniper);
  outline-offset: -2px;
}
.line.picked {
  background: var(--juniper-wash);
}
.name {
  flex: 1;
  min-width: 0;
  display: flex;
  align-items: center;
  gap: 9px;
}
.fold {
  width: 16px;
  flex: none;
  border: 0;
  background: none;
  color: var(--quiet);
  padding: 0;
  font-size: 12px;
}
.title {
  font-weight: 500;
  font-size: 15px;
  flex: 0 1 auto;
}
.address {
  flex: 1 2 40px;
}
.home.task {
  background: none;
  border: 1px solid var(--juniper);
  color: var(--juniper);
}
.home {
  background: var(--deed);
  color: #fff;
  font: 600 11px/17px var(--text);
  padding: 0 5px;
  border-radius: 3px;
}
.rename {
  flex: 1;
  font: 500 15px/24px var(--text);
  border: 1px solid var(--juniper);
  border-radius: 3px;
  padding: 0 6px;
  background: var(--sheet);
  color: var(--ink);
  margin-right: 10px;
}
.lane {
  width: 56px;
  flex: none;
  display: flex;
  align-items: center;
}
.lane.wide {
  width: 96px;
  padding-left: 12px;
}
.lane.num {
  width: 54px;
  padding-left: 8px;
}
@media (max-width: 820px) {
  .line {
    height: 52px;
  }
  .name {
    flex: 1 1 auto;
  }
  .address,
  .lane.num:not(:last-child) {
    display: none;
  }
  .lane.num:last-child {
    width: auto;
    order: 1;
    padding-right: 8px;
  }
  .lane.wide {
    width: auto;
    order: 2;
    padding: 0 12px 0 0;
    font-size: 13px;
  }
}
@media (forced-colors: active) {
  .line.chosen {
    outline-color: Highlight;
  }
}
.held {
  box-shadow: 0 0 0 2px var(--ember);
  z-index: 1;
  background: var(--sheet);
}
[data-drop='before']::after,
[data-drop='after']::after {
  content: '';
  position: absolute;
  left: 20px;
  right: 0;
  border-top: 3px solid var(--juniper);
  top: -2px;
}
[data-drop='after']::after {
  top: auto;
  bottom: -2px;
}
[data-drop='inside'] {
  background: var(--juniper-wash);
}
[data-drop='inside'].no {
  background: var(--brick-wash);
}
.no::after {
  border-color: var(--brick);
}
.why {
  background: var(--brick);
  color: var(--sheet);
  padding: 1px 7px;
  border-radius: 3px;
  font-size: 12px;
  white-space: nowrap;
}
</style>
