import { useEventListener } from '@vueuse/core'
import type { Ref } from 'vue'
import { hasSheet, isWriting, lettersAct } from '@/look/keys'
import { useNotices } from '@/edit/useNotices'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { pagesOf } from '@/site/pagesOf'
import type { OutlineRow } from './outline'
import type { usePlanMoves } from './usePlanMoves'

export type SheetName =
  'fitting' | 'home' | 'proof' | 'remove' | 'duplicate' | 'pack' | 'order' | 'bin' | 'table'

interface Plan {
  /** Keys act while focus is in it. */
  tree: Ref<HTMLElement | null>
  moves: Pick<ReturnType<typeof usePlanMoves>, 'held' | 'lift' | 'carry' | 'putDown' | 'putBack'>
  lines: Ref<OutlineRow[]>
  chosen: Ref<string | null>
  folded: Ref<string[]>
  renaming: Ref<string | null>
  sheet: Ref<SheetName | null>
  choose: (id: string) => void
  open: (id: string) => void
  toggle: (id: string) => void
  nextLens: () => void
  makeNew: (how: 'beneath' | 'after') => void
  picks: { extend: (id: string) => void; clear: () => void; many: Ref<string[]> }
}

const MOVES: Record<string, 'up' | 'down' | 'in' | 'out'> = {
  ArrowUp: 'up',
  ArrowDown: 'down',
  ArrowLeft: 'out',
  ArrowRight: 'in',
}

/** Keys that change the page at hand. */
const CHANGES = ['F2', 'Delete', 't', 'm']

/** Going about in the outline. */
function makeWalk(plan: Plan) {
  function walk(by: number, together = false) {
    const at = plan.lines.value.findIndex((l) => l.row.id === plan.chosen.value)
    const next = plan.lines.value[Math.max(0, Math.min(plan.lines.value.length - 1, at + by))]
    if (!next) return
    if (together) plan.picks.extend(next.row.id)
    else plan.picks.clear()
    plan.choose(next.row.id)
  }
  function foldTo(id: string, open: boolean) {
    const line = plan.lines.value.find((l) => l.row.id === id)
    if (line?.children && line.open !== open) plan.toggle(id)
    else if (line?.children && open) walk(1)
    else if (!open && line?.row.parent) plan.choose(line.row.parent)
  }
  return { walk, foldTo }
}

function keysOf(plan: Plan): Record<string, (id: string, event: KeyboardEvent) => void> {
  const { walk, foldTo } = makeWalk(plan)
  const session = useSession()
  const site = useSite()
  function lift(id: string) {
    const row = site.rows.get(id)
    if (row) void plan.moves.lift(row)
  }
  return {
    ArrowUp: (_, event) => walk(-1, event.shiftKey),
    ArrowDown: (_, event) => walk(1, event.shiftKey),
    Escape: () => plan.picks.clear(),
    ArrowLeft: (id) => foldTo(id, false),
    ArrowRight: (id) => foldTo(id, true),
    PageUp: () => walk(-12),
    PageDown: () => walk(12),
    Home: () => walk(-Infinity),
    End: () => walk(Infinity),
    Enter: (id) => plan.open(id),
    F2: (id) => (plan.renaming.value = id),
    m: (id) => lift(id),
    ' ': () => (plan.sheet.value = 'proof'),
    Delete: () => (plan.sheet.value = 'remove'),
    n: (_, event) => plan.makeNew(event.shiftKey ? 'after' : 'beneath'),
    t: () => (plan.sheet.value = 'fitting'),
    h: () => session.manager && (plan.sheet.value = 'home'),
    d: () => (plan.sheet.value = 'duplicate'),
    l: () => plan.nextLens(),
  }
}

function isElsewhere(event: KeyboardEvent): boolean {
  if (isWriting(event) || hasSheet() || event.ctrlKey || event.metaKey || event.altKey) return true
  if (!lettersAct(event)) return true
  const onButton = event.target instanceof Element && event.target.closest('button, a')
  return !!onButton && (event.key === 'Enter' || event.key === ' ')
}

/** The keys of the Plan. */
export function usePlanKeys(plan: Plan) {
  const site = useSite()
  const notices = useNotices()
  const keys = keysOf(plan)

  /** The keys of a page that is being moved. */
  function carry(event: KeyboardEvent) {
    const direction = MOVES[event.key]
    if (event.key === 'Enter') void plan.moves.putDown()
    else if (event.key === 'Escape') {
      plan.moves.putBack()
      notices.tell('It is back where it was.')
    } else if (direction && !plan.moves.carry(direction)) notices.say('It can’t go further that way.')
    else if (event.key === 'Tab') return
    event.preventDefault()
  }

  useEventListener(plan.tree, 'keydown', (event: KeyboardEvent) => {
    if (plan.moves.held.value && !hasSheet()) return carry(event)
    const id = plan.chosen.value
    if (!id || isElsewhere(event)) return
    const key = event.key.length === 1 ? event.key.toLowerCase() : event.key
    const row = site.rows.get(id)
    if (CHANGES.includes(key) && !site.mayChange(row))
      return notices.say(`${pagesOf(site.kinds.get(row?.kind ?? '')?.name)} are changed by managers.`)
    const act = keys[key]
    if (!act) return
    event.preventDefault()
    act(id, event)
  })
}
