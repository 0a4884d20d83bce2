import { computed, ref, watch, type Ref } from 'vue'
import { freshId, get } from '@/api/client'
import type { RollOutCell, RollOutRow, RollOutTable } from '@/api/types'
import { said } from '@/api/said'
import { useSite } from '@/site/useSite'

export type Choice = 'FOLLOW' | 'KEEP' | 'SHELVE'
/** In about so many parts, so that the progress moves; a part is not smaller or larger than this. */
const PARTS = 25
const FEWEST = 20
const MOST = 200

/** What would be done with a cell: what was chosen, else as usual; nothing for what still asks. */
export function planned(cell: RollOutCell, chosen: Choice | undefined): Choice | null {
  if (cell.state === 'DONE' || cell.state === 'LEFT') return null
  return chosen ?? (cell.state === 'ASKS' ? null : 'FOLLOW')
}

/** Whether somebody must still choose. */
export function asks(cell: RollOutCell, chosen: Choice | undefined): boolean {
  return cell.state === 'ASKS' && !chosen
}

/** A template's changes against its pages: what is chosen, and carrying it out some pages at a time. */
export function useRollOut(template: Ref<string>) {
  const site = useSite()
  const table = ref<RollOutTable | null>(null)
  const chosen = ref(new Map<string, Choice>())
  const out = ref(new Set<string>())
  const progress = ref<{ done: number; all: number } | null>(null)
  const report = ref('')
  let stopped = false

  const at = (page: string, key: string) => `${page}/${key}`
  const choiceOf = (row: RollOutRow, cell: RollOutCell) => chosen.value.get(at(row.page, cell.key))

  function choose(row: RollOutRow, cell: RollOutCell, choice: Choice) {
    chosen.value = new Map(chosen.value).set(at(row.page, cell.key), choice)
  }
  /** Chooses for every page that a change asks or would change. */
  function chooseAll(change: string, choice: Choice) {
    const next = new Map(chosen.value)
    for (const row of table.value?.rows ?? [])
      for (const cell of row.cells)
        if (cell.change === change && planned(cell, 'FOLLOW')) next.set(at(row.page, cell.key), choice)
    chosen.value = next
  }
  function take(page: string, yes: boolean) {
    const next = new Set(out.value)
    if (yes) next.delete(page)
    else next.add(page)
    out.value = next
  }

  /** The pages that will be changed, with something to do on each. */
  const going = computed(() =>
    (table.value?.rows ?? []).filter(
      (r) => !out.value.has(r.page) && r.cells.some((c) => planned(c, choiceOf(r, c))),
    ),
  )
  const asking = computed(() =>
    (table.value?.rows ?? [])
      .filter((r) => !out.value.has(r.page))
      .reduce((n, r) => n + r.cells.filter((c) => asks(c, choiceOf(r, c))).length, 0),
  )

  async function load() {
    const answer = await get<RollOutTable>(`/sites/${site.id}/roll-outs/${template.value}`)
    if (answer.ok) table.value = answer.value
    else report.value = said(answer.problem)
  }

  /** Some pages at a time, so that it can be stopped; all of them are one step to take back. */
  async function run() {
    const rows = going.value
    const group = freshId()
    stopped = false
    report.value = ''
    progress.value = { done: 0, all: rows.length }
    const atOnce = Math.min(MOST, Math.max(FEWEST, Math.ceil(rows.length / PARTS)))
    for (let i = 0; i < rows.length && !stopped; i += atOnce) {
      const batch = rows.slice(i, i + atOnce)
      const pages = Object.fromEntries(batch.map((r) => [r.page, choicesOf(r)]))
      const answer = await site.give({ verb: 'roll-out', item: template.value, pages }, null, group)
      if (!answer.ok) break
      progress.value = { done: i + batch.length, all: rows.length }
    }
    const { done, all } = progress.value
    report.value =
      done === all
        ? `Rolled out to ${done} of ${table.value?.rows.length ?? done} pages. It can be undone in one step.`
        : `Stopped after ${done} of ${all} pages; what is done stays whole. It can be undone in one step.`
    progress.value = null
    if (done === all) chosen.value = new Map()
    await load()
  }
  function choicesOf(row: RollOutRow): Record<string, Choice> {
    return Object.fromEntries(
      row.cells.flatMap((c) => {
        const choice = choiceOf(row, c)
        return choice ? [[c.key, choice]] : []
      }),
    )
  }
  function stop() {
    stopped = true
  }

  watch(template, load, { immediate: true })
  watch(
    () => site.step,
    () => {
      if (!progress.value) void load()
    },
  )
  return {
    table,
    out,
    going,
    asking,
    progress,
    report,
    choiceOf,
    choicesOf,
    choose,
    chooseAll,
    take,
    run,
    stop,
  }
}
