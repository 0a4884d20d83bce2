import { useDebounceFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { freshId, get, post } from '@/api/client'
import type { Catalog, Command, PlanPart, PlanRow, SiteStanding } from '@/api/types'
import { useEdits } from '@/edit/useEdits'
import { useSession } from '@/session/useSession'

const SETTLE_MS = 120
const AGAIN_MS = 3000

/** The site that is worked on: how it stands, its plan and what can be chosen from, kept fresh by the server's events. */
export const useSite = defineStore('site', () => {
  const edits = useEdits()
  const session = useSession()
  const id = ref('')
  const standing = ref<SiteStanding | null>(null)
  const catalog = shallowRef<Catalog | null>(null)
  const rows = shallowRef(new Map<string, PlanRow>())
  const order = shallowRef<string[]>([])
  const step = ref(-1)
  /** The step of this window's own latest change, known before what follows from it has been asked for. */
  const ownStep = ref(-1)
  const latest = computed(() => Math.max(step.value, ownStep.value))
  const connected = ref(true)
  const missing = ref(false)
  const windowId = freshId()
  let events: EventSource | null = null
  let place = ''

  async function open(site: string, at: string) {
    if (id.value === site) return
    close()
    id.value = site
    place = at
    await Promise.all([refresh(), loadCatalog()])
    listen(site)
  }

  function listen(site: string) {
    events?.close()
    const query = new URLSearchParams({ window: windowId, at: place })
    events = new EventSource(`/api/sites/${site}/events?${query}`)
    events.addEventListener('step', () => void settle())
    events.addEventListener('here', (event: MessageEvent<string>) => {
      if (standing.value) standing.value.here = JSON.parse(event.data)
    })
    events.onopen = () => {
      if (!connected.value) void settle()
      connected.value = true
    }
    events.onerror = () => {
      connected.value = false
      // A refusal closes the stream for good; it is opened anew once the server may have changed its mind.
      if (events?.readyState === EventSource.CLOSED)
        setTimeout(() => id.value === site && listen(site), AGAIN_MS)
    }
  }

  function close() {
    events?.close()
    events = null
    id.value = ''
  }

  function at(next: string) {
    place = next
    if (events) void post(`/sites/${id.value}/events/place`, { window: windowId, at: next })
  }

  async function loadCatalog() {
    const answer = await get<Catalog>(`/sites/${id.value}/catalog`)
    if (answer.ok) catalog.value = answer.value
  }

  async function refresh() {
    const [stands, plan] = await Promise.all([
      get<SiteStanding>(`/sites/${id.value}`),
      get<PlanPart>(`/sites/${id.value}/plan?since=${step.value}`),
    ])
    missing.value = !stands.ok && stands.problem.status === 404
    if (!stands.ok && stands.problem.status === 401) session.expired = true
    if (stands.ok) standing.value = stands.value
    if (plan.ok) take(plan.value)
  }

  function take(part: PlanPart) {
    const next = part.whole ? new Map<string, PlanRow>() : new Map(rows.value)
    part.rows.forEach((row) => next.set(row.id, row))
    if (part.order) {
      const kept = new Set(part.order)
      for (const key of next.keys()) if (!kept.has(key)) next.delete(key)
      order.value = part.order
    }
    rows.value = next
    step.value = part.step
  }

  const settle = useDebounceFn(async () => {
    await Promise.all([refresh(), loadCatalog()])
  }, SETTLE_MS)

  /** Gives a command for this site. `item` is what it changes, so that a change made meanwhile is noticed. */
  function give(command: Command, item: string | null = null, group?: string) {
    const done = edits.give(id.value, command, item, group)
    void done.then((answer) => {
      if (answer.ok) ownStep.value = Math.max(ownStep.value, answer.value.step)
    })
    return done
  }

  /** Whether whoever works here may change a page of this kind. */
  function mayChange(row?: { kind: string }): boolean {
    return !row || (kinds.value.get(row.kind)?.changeable ?? true)
  }

  const templates = computed(() => new Map((catalog.value?.templates ?? []).map((t) => [t.id, t])))
  const kinds = computed(() => new Map((catalog.value?.kinds ?? []).map((k) => [k.id, k])))
  return {
    id,
    standing,
    catalog,
    rows,
    order,
    step,
    latest,
    connected,
    missing,
    templates,
    kinds,
    mayChange,
    open,
    close,
    at,
    refresh,
    settle,
    give,
  }
})
