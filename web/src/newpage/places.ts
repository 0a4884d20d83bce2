import { computed, ref, watch } from 'vue'
import { get } from '@/api/client'
import type { PlaceFor } from '@/api/types'
import { useSite } from '@/site/useSite'
import type { Form, Start } from './form'

/** The kind that most pages beside it have, of those that fit; else the first. */
function usual(rows: Iterable<{ parent?: string; kind: string }>, parent: string | null, fits: string[]) {
  const beside = [...rows].filter((r) => (r.parent ?? null) === parent).map((r) => r.kind)
  const count = (kind: string) => beside.filter((k) => k === kind).length
  return [...fits].sort((a, b) => count(b) - count(a))[0] ?? ''
}

const askFor = (site: string, parent: string | null) =>
  get('/api/sites/{site}/places', { path: { site }, query: { parent: parent ?? undefined } })

const askForKind = (site: string, kind: string) =>
  get('/api/sites/{site}/kinds/{kind}/places', { path: { site, kind } })

/** What may be made where: the place first and then the kind, or the other way round. */
export function makePlaces(start: Start, form: Form) {
  const site = useSite()
  const here = ref<PlaceFor[]>([])
  /** The places for a kind that was chosen before the place; none where the place comes first. */
  const places = ref<PlaceFor[]>([])
  /** The kind that was chosen before the place. */
  const given = ref(start.kind)
  const whyNot = computed(() => new Map(here.value.map((p) => [p.kind, p.whyNot ?? ''])))
  /** Kinds that may be made here, though the rules say otherwise for a manager. */
  const may = computed(() => new Set(here.value.filter((p) => p.may).map((p) => p.kind)))
  const nothingFits = computed(() => here.value.length > 0 && here.value.every((p) => p.whyNot))
  const fitting = computed(() => places.value.filter((p) => !p.whyNot && p.may))
  /** Whether it may be of a kind: as the rules have it; the one that is chosen, even so. */
  const mayBe = ({ id }: { id: string }) =>
    may.value.has(id) && (id === form.kind || (!whyNot.value.get(id) && !given.value))
  const evenSo = computed(() => !!whyNot.value.get(form.kind) && may.value.has(form.kind))

  async function loadPlaces() {
    const answer = await askFor(site.id, form.parent)
    if (answer.ok) here.value = answer.value
    if (!answer.ok || given.value || (form.kind && !whyNot.value.get(form.kind))) return
    const fits = (site.catalog?.kinds ?? []).filter((k) => !whyNot.value.get(k.id)).map((k) => k.id)
    form.kind = usual(site.rows.values(), form.parent, fits)
  }

  async function loadPlacesOfKind() {
    if (!given.value) return
    const answer = await askForKind(site.id, given.value)
    if (!answer.ok) return
    places.value = answer.value
    if (fitting.value.length && !fitting.value.some((p) => (p.parent ?? null) === form.parent))
      form.parent = fitting.value[0]?.parent ?? null
  }

  /** To where a kind may stand. */
  function leadTo(kind: string) {
    given.value = form.kind = kind
    return loadPlacesOfKind()
  }
  /** Every kind and every place again. */
  function open() {
    given.value = null
    places.value = []
    return loadPlaces()
  }
  if (given.value) void loadPlacesOfKind()
  watch(() => form.parent, loadPlaces, { immediate: true })
  return { given, leadTo, open, places, fitting, whyNot, may, mayBe, evenSo, nothingFits }
}
