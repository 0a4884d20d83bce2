import { computed, ref, type Ref } from 'vue'
import type { RollOutCell, RollOutRow, RollOutTable } from '@/api/types'

export type Choice = 'FOLLOW' | 'KEEP' | 'SHELVE'

/** What would be done with a cell: what was chosen, else as usual; nothing for what still asks. */
export function planned(cell: RollOutCell, chosen: Choice | undefined): Choice | null {
  if (cell.state === 'DONE' || cell.state === 'LEFT') return null
  if (goesWithout(cell)) return chosen === 'FOLLOW' ? 'FOLLOW' : null
  return chosen ?? (cell.state === 'ASKS' ? null : 'FOLLOW')
}

/** Whether the page had it, or was offered it, and goes without. */
export const goesWithout = (cell: RollOutCell) => cell.state === 'WITHOUT'

/** Whether somebody must still choose. */
export function asks(cell: RollOutCell, chosen: Choice | undefined): boolean {
  return cell.state === 'ASKS' && !chosen
}

/** The changes as columns: which of them some page has something to do with, and which pages go without. */
function makeColumns(table: Ref<RollOutTable | null>) {
  const without = (change: string) =>
    (table.value?.rows ?? []).filter((r) => r.cells.some((c) => c.change === change && goesWithout(c))).length
  const open = computed(() => {
    const cells = (table.value?.rows ?? []).flatMap((r) => r.cells)
    return new Set(cells.filter((c) => !goesWithout(c) && c.state !== 'DONE').map((c) => c.change))
  })
  /** The changes that some page has something to do with; or, asked so, those that pages go without. */
  const columns = (going: boolean) =>
    (table.value?.changes ?? []).filter((c) => (going ? without(c.section) : open.value.has(c.section)))
  return { without, open, columns }
}

/** What is chosen for the pages of a roll-out, and which of them are left out. */
export function makeChoices(table: Ref<RollOutTable | null>) {
  const chosen = ref(new Map<string, Choice>())
  const out = ref(new Set<string>())
  const at = (page: string, key: string) => `${page}/${key}`
  const choiceOf = (row: RollOutRow, cell: RollOutCell) => chosen.value.get(at(row.page, cell.key))

  function choose(row: RollOutRow, cell: RollOutCell, choice: Choice) {
    chosen.value = new Map(chosen.value).set(at(row.page, cell.key), choice)
  }
  /** Chooses for every page that a change asks or would change; or, told so, for those that go without it. */
  function chooseAll(change: string, choice: Choice, without = false) {
    const next = new Map(chosen.value)
    for (const row of table.value?.rows ?? [])
      for (const cell of row.cells)
        if (cell.change === change && planned(cell, 'FOLLOW') && without === goesWithout(cell))
          next.set(at(row.page, cell.key), choice)
    chosen.value = next
  }
  function take(page: string, yes: boolean) {
    const next = new Set(out.value)
    if (yes) next.delete(page)
    else next.add(page)
    out.value = next
  }
  function choicesOf(row: RollOutRow): Record<string, Choice> {
    const made = row.cells.map((c) => [c.key, choiceOf(row, c)] as const)
    return Object.fromEntries(made.flatMap(([key, choice]) => (choice ? [[key, choice]] : [])))
  }
  const clear = () => (chosen.value = new Map())

  const taken = computed(() => (table.value?.rows ?? []).filter((r) => !out.value.has(r.page)))
  /** The pages that will be changed, with something to do on each. */
  const going = computed(() => taken.value.filter((r) => r.cells.some((c) => planned(c, choiceOf(r, c)))))
  const asking = computed(() =>
    taken.value.reduce((n, r) => n + r.cells.filter((c) => asks(c, choiceOf(r, c))).length, 0),
  )
  return { out, choiceOf, choicesOf, choose, chooseAll, ...makeColumns(table), take, clear, going, asking }
}
