import { useEventListener } from '@vueuse/core'
import type { Ref } from 'vue'
import { hasSheet, isWriting } from '@/bearing/useGlobalKeys'
import { useNotices } from '@/edit/useNotices'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { pagesOf } from '@/kind/pagesOf'
import { keyMove, type OutlineRow } from './outline'

type SheetName = 'fitting' | 'home' | 'proof' | 'remove'

interface Plan {
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
const CHANGES = ['F2', 'Delete', 't']

/** The keys of the Plan. */
export function usePlanKeys(plan: Plan) {
  const site = useSite()
  const notices = useNotices()
  const session = useSession()

  async function move(id: string, direction: 'up' | 'down' | 'in' | 'out') {
    const to = keyMove(id, direction, site.order, site.rows)
    if (!to) return notices.say('It can’t go further that way.')
    await site.give({
      verb: 'move-page',
      page: id,
      parent: to.parent ?? undefined,
      before: to.before ?? undefined,
    })
  }

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

  const keys: Record<string, (id: string, event: KeyboardEvent) => void> = {
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
    ' ': () => (plan.sheet.value = 'proof'),
    Delete: () => (plan.sheet.value = 'remove'),
    n: (_, event) => plan.makeNew(event.shiftKey ? 'after' : 'beneath'),
    t: () => (plan.sheet.value = 'fitting'),
    h: () => {
      if (session.manager) plan.sheet.value = 'home'
    },
    l: () => plan.nextLens(),
  }

  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    const id = plan.chosen.value
    if (!id || isWriting(event) || hasSheet() || event.ctrlKey || event.metaKey) return
    const onButton = event.target instanceof Element && event.target.closest('button, a')
    if (onButton && (event.key === 'Enter' || event.key === ' ')) return
    const direction = MOVES[event.key]
    const key = event.key.length === 1 ? event.key.toLowerCase() : event.key
    const changes = (event.altKey && direction) || CHANGES.includes(key)
    if (changes && !site.mayChange(site.rows.get(id)))
      return notices.say(
        `${pagesOf(site.kinds.get(site.rows.get(id)?.kind ?? '')?.name)} are changed by managers.`,
      )
    if (event.altKey && direction) {
      event.preventDefault()
      void move(id, direction)
    } else if (!event.altKey && keys[key]) {
      event.preventDefault()
      keys[key](id, event)
    }
  })
}
