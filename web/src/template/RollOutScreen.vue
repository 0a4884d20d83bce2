<script setup lang="ts">
import { elementOf, inputOf } from '@/look/targets'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import WordOf from '@/help/WordOf.vue'
import type { RollOutCell, RollOutRow } from '@/api/types'
import { counted } from '@/words/counted'
import FilterTabs from '@/look/FilterTabs.vue'
import { useLongList } from '@/look/useLongList'
import { useSite } from '@/site/useSite'
import AwaitedScreen from '@/look/AwaitedScreen.vue'
import { cellWords } from './cellWords'
import RollOutCellPane from './RollOutCellPane.vue'
import { useRollOut } from './useRollOut'
import { asks, goesWithout, planned } from './rollOutChoices'

/** A template's or pattern's changes against its pages: pages down, changes across. */
const route = useRoute()
const router = useRouter()
const site = useSite()
const id = computed(() => String(route.params.item ?? ''))
const roll = useRollOut(id)
const { table, going, asking, progress, report } = roll
const FILTERS: Record<string, (row: RollOutRow) => boolean> = {
  'all pages': (row) => row.cells.some((c) => roll.open.value.has(c.change)),
  'needs a choice': (row) => row.cells.some((c) => asks(c, roll.choiceOf(row, c))),
  changes: (row) => row.cells.some((c) => planned(c, roll.choiceOf(row, c))),
  'left alone': (row) =>
    row.alone || row.cells.some((c) => c.state === 'LEFT' || roll.choiceOf(row, c) === 'KEEP'),
  'going without': (row) => row.cells.some(goesWithout),
}
const filter = ref('all pages')
const columns = computed(() => roll.columns(filter.value === 'going without'))
/** Of a row with its title and address, in pixels. */
const ROW_HIGH = 52
const at = ref<{ page: string; key: string } | null>(null)

const tabs = computed(() =>
  Object.entries(FILTERS).map(([name, holds]) => ({
    key: name,
    name,
    count: table.value?.rows.filter(holds).length,
  })),
)
const rows = computed(() => (table.value?.rows ?? []).filter(FILTERS[filter.value]!))
const { shown: visible, before, after } = useLongList(rows, ROW_HIGH)
const cellsOf = (row: RollOutRow, change: string) => row.cells.filter((c) => c.change === change)
const words = (row: RollOutRow, cell: RollOutCell) => cellWords(cell, roll.choiceOf(row, cell))
const shown = computed(() => {
  const row = table.value?.rows.find((r) => r.page === at.value?.page)
  const cell = row?.cells.find((c) => c.key === at.value?.key)
  return row && cell ? { row, cell } : null
})
const ofTemplate = computed(() => site.templates.has(id.value))
function back() {
  const template = { name: 'template', params: { template: id.value } }
  void router.push(ofTemplate.value ? template : { name: 'pattern', params: { pattern: id.value } })
}
/** To the same change on the page above or below. */
function walk(event: KeyboardEvent, by: 1 | -1) {
  const place = elementOf(event.currentTarget)?.closest('td')
  const row = place?.parentElement
  const beside = by > 0 ? row?.nextElementSibling : row?.previousElementSibling
  beside?.children[place?.cellIndex ?? -1]?.querySelector<HTMLElement>('.cell')?.focus()
}
/** Back to the cell that was looked at. */
function close() {
  const { page, key } = at.value ?? { page: '', key: '' }
  at.value = null
  document.querySelector<HTMLElement>(`[data-cell="${page}/${key}"]`)?.focus()
}
function leaveAlone(row: RollOutRow, alone: boolean) {
  void site.give({ verb: 'set-value', item: row.page, key: 'alone', value: alone })
}
</script>

<template>
  <div class="screen">
    <header class="screen-head">
      <div>
        <button type="button" class="mono back" @click="back">← {{ table?.name }}</button>
        <h1>
          <WordOf word="roll-out">Roll out</WordOf> {{ ofTemplate ? '' : 'the pattern ' }}{{ table?.name }}
        </h1>
      </div>
      <FilterTabs v-model="filter" :tabs="tabs" label="Filter" />
      <span class="grow" />
      <template v-if="progress">
        <progress :value="progress.done" :max="progress.all" aria-label="Roll-out" />
        <span>{{ counted(progress.done, 'page') }} of {{ progress.all.toLocaleString('en-GB') }}</span>
        <v-btn @click="roll.stop">Stop</v-btn>
      </template>
      <v-btn v-else class="yes" :disabled="!going.length" @click="roll.run">
        {{ going.length ? `Roll out to ${counted(going.length, 'page')}` : 'Nothing to roll out' }}
      </v-btn>
    </header>
    <p v-if="report" class="report" role="status">{{ report }}</p>
    <p v-else-if="asking" class="report" role="status">
      ◇ {{ counted(asking, 'cell needs a choice', 'cells need a choice') }}: what is not chosen stays as it
      is.
    </p>
    <div v-if="table && rows.length" class="room">
      <div ref="box" class="matrix">
        <table>
          <thead>
            <tr>
              <th scope="col">Page</th>
              <th v-for="c in columns" :key="c.section" scope="col">
                {{ c.name }}
                <span class="forall">
                  <button type="button" class="textlink" @click="roll.chooseAll(c.section, 'FOLLOW')">
                    all follow
                  </button>
                  <button type="button" class="textlink" @click="roll.chooseAll(c.section, 'KEEP')">
                    leave all
                  </button>
                  <button
                    v-if="roll.without(c.section)"
                    type="button"
                    class="textlink"
                    @click="roll.chooseAll(c.section, 'FOLLOW', true)"
                  >
                    bring to {{ counted(roll.without(c.section), 'page') }} without
                  </button>
                </span>
              </th>
              <th scope="col"><span class="unseen">From now on</span></th>
            </tr>
          </thead>
          <tbody>
            <tr v-if="before" aria-hidden="true" :style="{ height: `${before}px` }" />
            <tr v-for="r in visible" :key="r.page" :class="{ alone: r.alone }">
              <th scope="row">
                <label>
                  <input
                    type="checkbox"
                    :checked="!roll.out.value.has(r.page)"
                    :aria-label="`Roll out to ${r.title}`"
                    @change="roll.take(r.page, inputOf($event).checked)"
                  />
                  {{ r.title }}
                </label>
                <span class="mono">{{ r.address }}</span>
              </th>
              <td v-for="c in columns" :key="c.section">
                <button
                  v-for="cell in cellsOf(r, c.section)"
                  :key="cell.key"
                  type="button"
                  class="cell"
                  :data-cell="`${r.page}/${cell.key}`"
                  :class="[words(r, cell).tone, { on: at?.page === r.page && at?.key === cell.key }]"
                  @click="at = { page: r.page, key: cell.key }"
                  @keydown.down.prevent="walk($event, 1)"
                  @keydown.up.prevent="walk($event, -1)"
                >
                  <span aria-hidden="true">{{ words(r, cell).mark }}</span> {{ words(r, cell).word }}
                </button>
              </td>
              <td>
                <button type="button" class="textlink" @click="leaveAlone(r, !r.alone)">
                  {{ r.alone ? 'offer changes again' : 'leave alone from now on' }}
                </button>
              </td>
            </tr>
            <tr v-if="after" aria-hidden="true" :style="{ height: `${after}px` }" />
          </tbody>
        </table>
        <p v-if="table.done" class="quiet">
          {{ counted(table.done, 'more page is', 'more pages are') }} in step.
        </p>
      </div>
      <RollOutCellPane
        v-if="shown"
        :row="shown.row"
        :cell="shown.cell"
        :item="id"
        :pattern="!ofTemplate"
        :choices="roll.choicesOf(shown.row)"
        @choose="(choice) => roll.choose(shown!.row, shown!.cell, choice)"
        @close="close"
      />
    </div>
    <p v-else-if="table" class="screen-head nothing">
      {{ filter === 'all pages' ? 'All pages are in step with it.' : 'There is no such page.' }}
      <button type="button" class="textlink" @click="back">Back to {{ table.name }}</button>
    </p>
    <AwaitedScreen v-else />
  </div>
</template>

<style scoped>
.back {
  min-height: 24px;
  border: 0;
  background: none;
  padding: 0;
}
h1 {
  font-size: 22px;
  line-height: 26px;
}
.report {
  padding: 6px 20px;
  font-size: 13px;
  background: var(--ochre-wash);
  color: var(--ochre-ink);
  border-bottom: 1px solid var(--line);
}
.room {
  flex: 1;
  min-height: 0;
  display: flex;
}
.matrix {
  flex: 1;
  min-width: 0;
  overflow: auto;
  padding: 10px 20px 40px;
}
table {
  border-collapse: collapse;
  width: 100%;
}
thead th {
  position: sticky;
  top: -10px;
  background: var(--paper);
  text-align: left;
  padding: 8px 12px 6px 0;
  vertical-align: bottom;
}
.forall {
  display: flex;
  gap: 8px;
  font-weight: 400;
  font-size: 12px;
  white-space: nowrap;
}
tbody th,
tbody td {
  text-align: left;
  font-weight: 400;
  border-top: 1px solid var(--line2);
  padding: 5px 12px 5px 0;
}
tbody th label {
  font-weight: 600;
  display: block;
}
tbody input,
progress {
  accent-color: var(--juniper);
}
tr.alone {
  color: var(--quiet);
}
.cell {
  border: 1px solid var(--line);
  border-radius: 3px;
  background: var(--sheet);
  color: inherit;
  font: 13px/22px var(--text);
  padding: 0 9px;
  white-space: nowrap;
}
.cell.live {
  color: var(--juniper);
}
.cell.must {
  color: var(--brick);
  border-color: var(--brick);
}
.cell.quiet {
  color: var(--quiet);
}
.cell.on {
  outline: 2px solid var(--juniper);
}
td .textlink {
  white-space: nowrap;
  font-size: 12px;
}
</style>
