import { ref, type Ref } from 'vue'
import { get } from '@/api/client'
import type { Coming, Command, LineMove, PlanRow } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSite } from '@/site/useSite'
import { pagesOf } from '@/site/pagesOf'
import { carried, childrenOf, keyMove, type Move } from './outline'
import { isTold, useForeseen } from '@/together/useForeseen'

export interface Drop {
  over: string
  where: 'before' | 'inside' | 'after'
  whyNot: string
}

type Rows = ReadonlyMap<string, PlanRow>

function isWithin(rows: Rows, id: string, top: string): boolean {
  for (let at: string | undefined = id; at; at = rows.get(at)?.parent) if (at === top) return true
  return false
}

/** Why nobody moves a page by hand among those beneath one; empty where somebody may. */
function keptWords(rows: Rows, parent: string): string {
  const by = rows.get(parent)?.keepsOrder
  return by ? `Pages there keep themselves in order by ${by}` : ''
}

/** What letting go over a page comes to: beneath it, or beside it. */
function moveTo(page: string, to: Drop, target: PlanRow, order: string[], rows: Rows): Move {
  const parent = to.where === 'inside' ? target.id : (target.parent ?? null)
  if (to.where === 'before') return { page, parent, before: target.id }
  const siblings = (childrenOf(order, new Map(rows)).get(parent ?? '') ?? []).filter((s) => s !== page)
  const next = siblings[siblings.indexOf(target.id) + 1] ?? null
  return { page, parent, before: to.where === 'after' ? next : null }
}

const command = ({ page, parent, before }: Move, evenSo?: true, menus?: string[]): Command => ({
  verb: 'move-page',
  page,
  parent: parent ?? undefined,
  before: before ?? undefined,
  evenSo,
  menus,
})

/** Where the page that is dragged may go, as the server knows it. */
function makeAllowed() {
  const site = useSite()
  let places = new Map<string, string>()
  let managers = false

  async function ask(row: PlanRow) {
    places = new Map()
    const answer = await get('/api/sites/{site}/pages/{page}/places', {
      path: { site: site.id, page: row.id },
    })
    if (!answer.ok) return
    const pages = pagesOf(site.kinds.get(row.kind)?.name)
    places = new Map(answer.value.map((p) => [p.parent ?? '', p.whyNot ? `${pages} ${p.whyNot}` : '']))
    managers = answer.value.every((p) => p.may)
  }
  return { ask, whyNot: (parent: string) => places.get(parent) ?? '', evenSo: () => managers }
}

interface AskedMove extends Move {
  evenSo?: true
  /** The rule that it breaks; empty where it breaks none. */
  why: string
  lines: LineMove[]
  coming: Coming | null
}

/** Gives a move; what comes of it is told first, where that is more than the page's own place. */
function makeTaking() {
  const site = useSite()
  const { foresee } = useForeseen()
  const along: Ref<AskedMove | null> = ref(null)

  async function go(move: Move, why = '') {
    const evenSo = why ? true : undefined
    const row = site.rows.get(move.page)
    const elsewhere = (row?.parent ?? null) !== move.parent
    const lines = elsewhere && row?.menus.length ? await linesOf(move) : []
    const coming = elsewhere ? await foresee([command(move, evenSo)]) : null
    if (why || lines.length || isTold(coming)) along.value = { ...move, evenSo, why, lines, coming }
    else await site.give(command(move, evenSo))
  }
  async function linesOf({ page, parent }: Move) {
    const answer = await get('/api/sites/{site}/pages/{page}/lines', {
      path: { site: site.id, page },
      query: { parent: parent ?? undefined },
    })
    return answer.ok ? answer.value : []
  }
  /** @param menus those in which the line goes along; null where nothing is to be moved */
  function answer(menus: string[] | null) {
    const asked = along.value
    along.value = null
    if (asked && menus) void site.give(command(asked, asked.evenSo, menus))
  }
  return { along, go, answer }
}

/** Gives a move; one that the rules don't allow is told why, and made even so where a manager says so. */
function makeSettling(allowed: ReturnType<typeof makeAllowed>) {
  const notices = useNotices()
  const site = useSite()
  const { along, go, answer } = makeTaking()
  async function settle(move: Move, whyNot: string) {
    const kept = (site.rows.get(move.page)?.parent ?? null) === move.parent
    if (whyNot && (kept || !allowed.evenSo()))
      return notices.say(`Not there: ${whyNot}.`, 'Nothing was moved.')
    await go(move, whyNot)
  }
  return { settle, answer, along }
}

type Finish = (move: Move, whyNot: string) => Promise<unknown>

/** Moving a page by keys: picked up, carried, put down or back. It stands where it would go before anything is changed. */
function makeCarrying(allowed: ReturnType<typeof makeAllowed>, finish: Finish) {
  const site = useSite()
  const held: Ref<(Move & { whyNot: string }) | null> = ref(null)

  async function lift(row: PlanRow) {
    held.value = { page: row.id, parent: row.parent ?? null, before: nextOf(row), whyNot: '' }
    await allowed.ask(row)
  }
  function nextOf(row: PlanRow) {
    const siblings = childrenOf(site.order, site.rows).get(row.parent ?? '') ?? []
    return siblings[siblings.indexOf(row.id) + 1] ?? null
  }
  /** Gives whether it could go further that way. */
  function carry(direction: 'up' | 'down' | 'in' | 'out'): boolean {
    const at = held.value
    if (!at) return false
    const { order, rows } = carried(site.order, site.rows, at)
    const to = keyMove(at.page, direction, order, rows)
    if (!to) return false
    const home = (site.rows.get(at.page)?.parent ?? null) === to.parent
    const parent = to.parent ?? ''
    held.value = {
      page: at.page,
      ...to,
      whyNot: home ? keptWords(site.rows, parent) : allowed.whyNot(parent),
    }
    return true
  }
  async function putDown() {
    const at = held.value
    const row = at && site.rows.get(at.page)
    held.value = null
    if (!row) return
    const same = (row.parent ?? null) === at.parent && nextOf(row) === at.before
    if (!same) await finish({ page: at.page, parent: at.parent, before: at.before }, at.whyNot)
  }
  const putBack = () => void (held.value = null)
  return { held, lift, carry, putDown, putBack }
}

/**
 * Moving pages by dragging and by keys: where they would go, and why they may not.
 *
 * @param moved told which page was let go, so that it stays at hand
 */
export function usePlanMoves(moved: (id: string) => void = () => undefined) {
  const site = useSite()
  const notices = useNotices()
  const dragged = ref<string | null>(null)
  const drop = ref<Drop | null>(null)
  const allowed = makeAllowed()
  const { settle, ...asked } = makeSettling(allowed)

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
    const rule = sameParent ? keptWords(site.rows, parent) : allowed.whyNot(parent)
    drop.value = { over: row.id, where, whyNot: inside || rule }
  }
  const letGo = () => void (dragged.value = drop.value = null)
  async function finish() {
    const [id, to] = [dragged.value, drop.value]
    letGo()
    const target = to && site.rows.get(to.over)
    if (!id || !target || to.over === id) return
    if (to.whyNot && isWithin(site.rows, target.id, id))
      return notices.say(`Not there: ${to.whyNot}.`, 'Nothing was moved.')
    moved(id)
    await settle(moveTo(id, to, target, site.order, site.rows), to.whyNot)
  }
  const carrying = makeCarrying(allowed, settle)
  return { dragged, drop, begin, over, finish, letGo, ...asked, ...carrying }
}
