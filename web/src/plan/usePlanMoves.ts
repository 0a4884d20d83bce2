import { ref } from 'vue'
import { get } from '@/api/client'
import type { PlaceFor, PlanRow } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSite } from '@/site/useSite'
import { pagesOf } from '@/kind/pagesOf'
import { childrenOf } from './outline'

export interface Drop {
  over: string
  where: 'before' | 'inside' | 'after'
  whyNot: string
}

/** Moving pages by dragging: where the pointer is, and why the page may not go there. */
export function usePlanMoves() {
  const site = useSite()
  const notices = useNotices()
  const dragged = ref<string | null>(null)
  const drop = ref<Drop | null>(null)
  let places = new Map<string, string>()
  let managers = false
  /** A move that the rules don't allow, and that a manager may make even so. */
  const asking = ref<{ page: string; parent: string | null; before: string | null; why: string } | null>(null)

  async function begin(row: PlanRow) {
    dragged.value = row.id
    places = new Map()
    const answer = await get<PlaceFor[]>(`/sites/${site.id}/pages/${row.id}/places`)
    if (!answer.ok) return
    places = new Map(
      answer.value.map((p) => [
        p.parent ?? '',
        p.whyNot ? `${pagesOf(site.kinds.get(row.kind)?.name)} ${p.whyNot}` : '',
      ]),
    )
    managers = answer.value.every((p) => p.may)
  }

  function isWithin(id: string, top: string): boolean {
    for (let at: string | undefined = id; at; at = site.rows.get(at)?.parent) if (at === top) return true
    return false
  }

  function over(row: PlanRow, share: number) {
    const id = dragged.value
    if (!id) return
    const where = share < 0.28 ? 'before' : share > 0.72 ? 'after' : 'inside'
    const parent = where === 'inside' ? row.id : (row.parent ?? '')
    const sameParent = (site.rows.get(id)?.parent ?? '') === parent
    const inside = isWithin(row.id, id) ? 'A page can’t stand beneath itself' : ''
    drop.value = { over: row.id, where, whyNot: inside || (sameParent ? '' : (places.get(parent) ?? '')) }
  }

  async function finish() {
    const id = dragged.value
    const to = drop.value
    dragged.value = null
    drop.value = null
    if (!id || !to || to.over === id) return
    const target = site.rows.get(to.over)
    if (!target) return
    if (to.whyNot && (isWithin(target.id, id) || !managers))
      return notices.say(`Not there: ${to.whyNot}.`, 'Nothing was moved.')
    const parent = to.where === 'inside' ? target.id : (target.parent ?? null)
    const siblings = (childrenOf(site.order, site.rows).get(parent ?? '') ?? []).filter((s) => s !== id)
    const at = siblings.indexOf(target.id)
    const before =
      to.where === 'before' ? target.id : to.where === 'after' ? (siblings[at + 1] ?? null) : null
    if (to.whyNot) asking.value = { page: id, parent, before, why: to.whyNot }
    else await move(id, parent, before)
  }

  async function move(page: string, parent: string | null, before: string | null, evenSo?: true) {
    await site.give({
      verb: 'move-page',
      page,
      parent: parent ?? undefined,
      before: before ?? undefined,
      evenSo,
    })
  }

  function answer(yes: boolean) {
    const asked = asking.value
    asking.value = null
    if (asked && yes) void move(asked.page, asked.parent, asked.before, true)
  }

  return { dragged, drop, asking, begin, over, finish, answer }
}
