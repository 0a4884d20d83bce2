import { ref, type Ref } from 'vue'
import { get } from '@/api/client'
import type { Command, PlaceFor, PlanRow } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSite } from '@/site/useSite'
import { pagesOf } from '@/site/pagesOf'
import { childrenOf } from './outline'

export interface Drop {
  over: string
  where: 'before' | 'inside' | 'after'
  whyNot: string
}

interface Move {
  page: string
  parent: string | null
  before: string | null
}

type Rows = ReadonlyMap<string, PlanRow>

function isWithin(rows: Rows, id: string, top: string): boolean {
  for (let at: string | undefined = id; at; at = rows.get(at)?.parent) if (at === top) return true
  return false
}

/** What letting go over a page comes to: beneath it, or beside it. */
function moveTo(page: string, to: Drop, target: PlanRow, order: string[], rows: Rows): Move {
  const parent = to.where === 'inside' ? target.id : (target.parent ?? null)
  if (to.where === 'before') return { page, parent, before: target.id }
  const siblings = (childrenOf(order, new Map(rows)).get(parent ?? '') ?? []).filter((s) => s !== page)
  const next = siblings[siblings.indexOf(target.id) + 1] ?? null
  return { page, parent, before: to.where === 'after' ? next : null }
}

const command = ({ page, parent, before }: Move, evenSo?: true): Command => ({
  verb: 'move-page',
  page,
  parent: parent ?? undefined,
  before: before ?? undefined,
  evenSo,
})

/** Where the page that is dragged may go, as the server knows it. */
function makeAllowed() {
  const site = useSite()
  let places = new Map<string, string>()
  let managers = false

  async function ask(row: PlanRow) {
    places = new Map()
    const answer = await get<PlaceFor[]>(`/sites/${site.id}/pages/${row.id}/places`)
    if (!answer.ok) return
    const pages = pagesOf(site.kinds.get(row.kind)?.name)
    places = new Map(answer.value.map((p) => [p.parent ?? '', p.whyNot ? `${pages} ${p.whyNot}` : '']))
    managers = answer.value.every((p) => p.may)
  }
  return { ask, whyNot: (parent: string) => places.get(parent) ?? '', evenSo: () => managers }
}

/** Moving pages by dragging: where the pointer is, and why the page may not go there. */
export function usePlanMoves() {
  const site = useSite()
  const notices = useNotices()
  const dragged = ref<string | null>(null)
  const drop = ref<Drop | null>(null)
  const allowed = makeAllowed()
  /** A move that the rules don't allow, and that a manager may make even so. */
  const asking: Ref<(Move & { why: string }) | null> = ref(null)

  function begin(row: PlanRow) {
    dragged.value = row.id
    return allowed.ask(row)
  }
  function over(row: PlanRow, share: number) {
    const id = dragged.value
    if (!id) return
    const where = share < 0.28 ? 'before' : share > 0.72 ? 'after' : 'inside'
    const parent = where === 'inside' ? row.id : (row.parent ?? '')
    const sameParent = (site.rows.get(id)?.parent ?? '') === parent
    const inside = isWithin(site.rows, row.id, id) ? 'A page can’t stand beneath itself' : ''
    drop.value = { over: row.id, where, whyNot: inside || (sameParent ? '' : allowed.whyNot(parent)) }
  }
  const letGo = () => void (dragged.value = drop.value = null)
  async function finish() {
    const [id, to] = [dragged.value, drop.value]
    letGo()
    const target = to && site.rows.get(to.over)
    if (!id || !target || to.over === id) return
    if (to.whyNot && (isWithin(site.rows, target.id, id) || !allowed.evenSo()))
      return notices.say(`Not there: ${to.whyNot}.`, 'Nothing was moved.')
    const move = moveTo(id, to, target, site.order, site.rows)
    if (to.whyNot) asking.value = { ...move, why: to.whyNot }
    else await site.give(command(move))
  }
  function answer(yes: boolean) {
    const asked = asking.value
    asking.value = null
    if (asked && yes) void site.give(command(asked, true))
  }
  return { dragged, drop, asking, begin, over, finish, letGo, answer }
}
