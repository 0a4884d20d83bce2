import { ref } from 'vue'
import { get } from '@/api/client'
import type { PlaceFor, PlanRow } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSite } from '@/site/useSite'
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

  async function begin(row: PlanRow) {
    dragged.value = row.id
    places = new Map()
    const answer = await get<PlaceFor[]>(`/sites/${site.id}/kinds/${row.kind}/places`)
    if (answer.ok) places = new Map(answer.value.map((p) => [p.parent ?? '', p.whyNot ?? '']))
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
    if (to.whyNot) return notices.say(`Not there: ${to.whyNot}.`, 'Nothing was moved.')
    const target = site.rows.get(to.over)
    if (!target) return
    const parent = to.where === 'inside' ? target.id : (target.parent ?? null)
    const siblings = (childrenOf(site.order, site.rows).get(parent ?? '') ?? []).filter((s) => s !== id)
    const at = siblings.indexOf(target.id)
    const before =
      to.where === 'before' ? target.id : to.where === 'after' ? (siblings[at + 1] ?? null) : null
    await site.give({ verb: 'move-page', page: id, parent: parent ?? undefined, before: before ?? undefined })
  }

  return { dragged, drop, begin, over, finish }
}
