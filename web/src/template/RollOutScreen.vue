<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { RollOutCell, RollOutRow } from '@/api/types'
import UndoButtons from '@/edit/UndoButtons.vue'
import { counted } from '@/look/counted'
import { useSite } from '@/site/useSite'
import { cellWords } from './cellWords'
import RollOutCellPane from './RollOutCellPane.vue'
import { asks, planned, useRollOut } from './useRollOut'

/** A template's or pattern's changes against its pages: pages down, changes across. */
const route = useRoute()
const router = useRouter()
const site = useSite()
const id = computed(() => String(route.params.item))
const roll = useRollOut(id)
const { table, going, asking, progress, report } = roll
const FILTERS = [
  { key: 'all', name: 'all pages' },
  { key: 'asks', name: 'needs a choice' },
  { key: 'changes', name: 'changes' },
  { key: 'left', name: 'left alone' },
] as const
const filter = ref<(typeof FILTERS)[number]['key']>('all')
const at = ref<{ page: string; key: string } | null>(null)

function matches(row: RollOutRow, which: string): boolean {
  if (which === 'asks') return row.cells.some((c) => asks(c, roll.choiceOf(row, c)))
  if (which === 'changes') return row.cells.some((c) => planned(c, roll.choiceOf(row, c)))
  if (which === 'left') return row.alone || row.cells.every((c) => c.state === 'LEFT' || c.state === 'DONE')
  return true
}
const rows = computed(() => (table.value?.rows ?? []).filter((r) => matches(r, filter.value)))
const count = (which: string) => (table.value?.rows ?? []).filter((r) => matches(r, which)).length
const cellsOf = (row: RollOutRow, change: string) => row.cells.filter((c) => c.change === change)
const words = (row: RollOutRow, cell: RollOutCell) => cellWords(cell, roll.choiceOf(row, cell))
const shown = computed(() => {
  const row = table.value?.rows.find((r) => r.page === at.value?.page)
  const cell = row?.cells.find((c) => c.key === at.value?.key)
  return row && cell ? { row, cell } : null
})
/** To the template, or to where one came from: patterns have no screen of their own. */
function back() {
  if (site.templates.has(id.value)) void router.push({ name: 'template', params: { template: id.value } })
  else void router.push({ name: 'plan', params: { page: '' } })
}
function leaveAlone(row: RollOutRow, alone: boolean) {
  void site.give({ verb: 'set-value', item: row.page, key: 'alone', value: alone as never })
}
</script>

<template>
  <div class="screen">
    <header class="head">
      <div>
        <button type="button" class="mono back" @click="back">
          ← {{ site.templates.has(id) ? table?.name : 'Plan' }}
        </button>
        <h1>Roll out {{ table?.name }}</h1>
      </div>
      <nav aria-label="Filter">
        <button
          v-for="f in FILTERS"
          :key="f.key"
          type="button"
          :class="{ on: filter === f.key }"
          @click="filter = f.key"
        >
          {{ f.name }} <span class="quiet">{{ count(f.key) }}</span>
        </button>
      </nav>
      <span class="grow" />
      <template v-if="progress">
        <progress :value="progress.done" :max="progress.all" aria-label="Roll-out" />
        <span>{{ progress.done }} of {{ progress.all }}</span>
        <v-btn @click="roll.stop">Stop</v-btn>
      </template>
      <template v-else>
        <UndoButtons />
        <v-btn class="yes" :disabled="!going.length" @click="roll.run">
          {{ going.length ? `Roll out to ${counted(going.length, 'page')}` : 'Nothing to roll out' }}
        </v-btn>
      </template>
    </header>
    <p v-if="report" class="report" role="status">{{ report }}</p>
    <p v-else-if="asking" class="report" role="status">
      ◇ {{ counted(asking, 'cell needs a choice', 'cells need a choice') }}: what is not chosen stays as it
      is.
    </p>
    <div v-if="table && table.rows.length" class="room">
      <div class="matrix">
        <table>
          <thead>
            <tr>
              <th scope="col">Page</th>
              <th v-for="c in table.changes" :key="c.section" scope="col">
                {{ c.name }}
                <span class="forall">
                  <button type="button" class="textlink" @click="roll.chooseAll(c.section, 'FOLLOW')">
                    all follow
                  </button>
                  <button type="button" class="textlink" @click="roll.chooseAll(c.section, 'KEEP')">
                    leave all
                  </button>
                </span>
              </th>
              <th scope="col" class="unseen">Ever</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="r in rows" :key="r.page" :class="{ alone: r.alone }">
              <th scope="row">
                <label>
                  <input
                    type="checkbox"
                    :checked="!roll.out.value.has(r.page)"
                    :aria-label="`Roll out to ${r.title}`"
                    @change="roll.take(r.page, ($event.target as HTMLInputElement).checked)"
                  />
                  {{ r.title }}
                </label>
                <span class="mono">{{ r.address }}</span>
              </th>
              <td v-for="c in table.changes" :key="c.section">
                <button
                  v-for="cell in cellsOf(r, c.section)"
                  :key="cell.key"
                  type="button"
                  class="cell"
                  :class="[words(r, cell).tone, { on: at?.page === r.page && at?.key === cell.key }]"
                  @click="at = { page: r.page, key: cell.key }"
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
        :template="id"
        :chosen="roll.choiceOf(shown.row, shown.cell)"
        @choose="(choice) => roll.choose(shown!.row, shown!.cell, choice)"
        @close="at = null"
      />
    </div>
    <div v-else-if="table" class="nothing">
      <h2>All pages are in step</h2>
      <p class="quiet">
        When what it brings to pages is changed, the pages that hold copies of it stand here, with what would
        change on each.
      </p>
    </div>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  align-items: center;
  gap: 18px;
  padding: 8px 20px;
  border-bottom: 1px solid var(--line);
}
.back {
  border: 0;
  background: none;
  padding: 0;
}
h1 {
  font-size: 22px;
  line-height: 26px;
}
nav {
  display: flex;
  gap: 14px;
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
.nothing {
  padding: 60px 80px;
  max-width: 640px;
}
</style>
