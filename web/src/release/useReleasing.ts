import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import { post } from '@/api/client'
import type { Preview, Waiting } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSite } from '@/site/useSite'

const SETTLE_MS = 120
/** So many changes are asked about before they go. */
const MANY = 20

/** A page that goes live, or stays so, with places that nobody has filled. */
export interface Unfilled {
  id: string
  title: string
  toFill: number
}

/** What went live. */
export interface Released {
  number: number
  changes: number
  pages: { id: string; title: string; href: string }[]
}

/** What went live: the pages of it that visitors can go to. */
function told(changes: number, items: string[], waited: ReadonlySet<string>): Released {
  const site = useSite()
  const pages = items.flatMap((id) => {
    const row = site.rows.get(id)
    const shown = row && row.state !== 'WITHDRAWN' && waited.has(id)
    return shown ? [{ id, title: row.title, href: site.standing!.origin + row.address }] : []
  })
  return { number: site.standing?.release ?? 0, changes, pages }
}

/** Those of the pages that have places to fill. */
const unfilledOf = (ids: string[]): Unfilled[] =>
  ids.flatMap((id) => {
    const row = useSite().rows.get(id)
    return row?.toFill ? [{ id, title: row.title, toFill: row.toFill }] : []
  })

/** What must be fixed then, or should be. */
export const bySeverity = (preview: Preview | null, severity: string) =>
  (preview?.findings ?? []).filter((f) => f.finding.severity === severity)

/** Some of what waits, on its way to go live: what else must come along, what is asked first, and what has come of it. */
export function useReleasing(waiting: Ref<Waiting | null>, chosen: Ref<string[]>) {
  const site = useSite()
  /** Whether what is known to wait is from before the latest release: of what has gone live there is nothing to ask. */
  const isOld = () => (waiting.value?.release ?? 0) !== (site.standing?.release ?? 0)
  const at = () => ({ path: { site: site.id } })
  const asked = (note: string) => ({ items: chosen.value, note })
  const preview = ref<Preview | null>(null)
  const busy = ref(false)
  const done = ref<Released | null>(null)

  let looked = 0
  const look = useDebounceFn(async () => {
    if (isOld()) return
    // An answer that was overtaken on the way is of what was chosen before.
    const mine = ++looked
    if (chosen.value.length === 0) return (preview.value = null)
    const answer = await post('/api/sites/{site}/releases/preview', at(), asked(''))
    if (answer.ok && mine === looked) preview.value = answer.value
  }, SETTLE_MS)
  watch([chosen, isOld], look, { immediate: true })

  const goes = computed(() => preview.value?.items ?? [])
  /** How many changes go. */
  const count = computed(() => preview.value?.changes ?? 0)
  const along = computed(() => goes.value.filter((i) => !chosen.value.includes(i)))
  const unfilled = computed(() => unfilledOf(goes.value))
  const grave = computed(() => bySeverity(preview.value, 'MUST_FIX'))
  const lesser = computed(() => bySeverity(preview.value, 'SHOULD_FIX'))
  const asks = computed(() => unfilled.value.length > 0 || grave.value.length > 0 || count.value > MANY)

  async function release(note: string): Promise<boolean> {
    if (busy.value) return false
    busy.value = true
    const items = goes.value
    const changes = count.value
    const waited = new Set(waiting.value?.changes.flatMap((c) => c.entries.map((e) => e.item)))
    const answer = await post('/api/sites/{site}/releases', at(), asked(note))
    if (answer.ok) await site.refresh()
    else useNotices().refuse(answer.problem)
    busy.value = false
    if (answer.ok) done.value = told(changes, items, waited)
    return answer.ok
  }
  return { preview, goes, count, along, unfilled, grave, lesser, asks, busy, done, release }
}
