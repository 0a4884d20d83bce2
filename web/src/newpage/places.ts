import { computed, nextTick, ref, watch, type Ref } from 'vue'
import { get } from '@/api/client'
import type { PlaceFor } from '@/api/types'
import { useSite } from '@/site/useSite'
import type { Form, Start } from './form'

/** The kind that most pages beside it have, of those that fit; else the first. */
function usual(parent: string | null, fits: (kind: string) => boolean) {
  const site = useSite()
  const kinds = (site.catalog?.kinds ?? []).map((k) => k.id).filter(fits)
  const beside = [...site.rows.values()].filter((r) => (r.parent ?? null) === parent).map((r) => r.kind)
  const count = (kind: string) => beside.filter((k) => k === kind).length
  return kinds.sort((a, b) => count(b) - count(a))[0] ?? ''
}

const askFor = (site: string, parent: string | null) =>
  get('/api/sites/{site}/places', { path: { site }, query: { parent: parent ?? undefined } })

const askForKind = (site: string, kind: string) =>
  get('/api/sites/{site}/kinds/{kind}/places', { path: { site, kind } })

/** What the rules say of each kind in the place that is chosen. */
function makeRules(here: Ref<PlaceFor[]>, given: Ref<string | null>, form: Form) {
  const whyNot = computed(() => new Map(here.value.map((p) => [p.kind, p.whyNot ?? ''])))
  /** Kinds that may be made here, though the rules say otherwise for a manager. */
  const may = computed(() => new Set(here.value.filter((p) => p.may).map((p) => p.kind)))
  const nothingFits = computed(() => here.value.length > 0 && here.value.every((p) => p.whyNot))
  /** Whether it may be of a kind: as the rules have it; the one that is chosen, even so. */
  const mayBe = ({ id }: { id: string }) =>
    may.value.has(id) && (id === form.kind || (!whyNot.value.get(id) && !given.value))
  const evenSo = computed(() => !!whyNot.value.get(form.kind) && may.value.has(form.kind))
  return { whyNot, may, nothingFits, mayBe, evenSo }
}

/** The places for a kind that was chosen before the place; none where the place comes first. */
function makeFitting(given: Ref<string | null>, form: Form) {
  const site = useSite()
  const places = ref<PlaceFor[]>([])
  const fitting = computed(() => places.value.filter((p) => !p.whyNot && p.may))

  async function loadPlacesOfKind() {
    if (!given.value) return
    const answer = await askForKind(site.id, given.value)
    if (!answer.ok) return
    places.value = answer.value
    if (fitting.value.length && !fitting.value.some((p) => (p.parent ?? null) === form.parent))
      form.parent = fitting.value[0]?.parent ?? null
  }
  return { places, fitting, loadPlacesOfKind }
}

/** What may be made where: the place first and then the kind, or the other way round. */
export function makePlaces(start: Start, form: Form) {
  const site = useSite()
  const here = ref<PlaceFor[]>([])
  /** The kind that was chosen before the place. */
  const given = ref(start.kind)
  const rules = makeRules(here, given, form)
  const { whyNot } = rules
  const { places, fitting, loadPlacesOfKind } = makeFitting(given, form)

  async function loadPlaces() {
    const answer = await askFor(site.id, form.parent)
    if (answer.ok) here.value = answer.value
    if (answer.ok && !given.value && (!form.kind || whyNot.value.get(form.kind)))
      form.kind = usual(form.parent, (kind) => !whyNot.value.get(kind))
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
  let answered = Promise.resolve()
  /** Comes when the server has said what may be made here, and the form is set by it: a quick key is not lost before that. */
  async function known() {
    await nextTick()
    await answered
    await nextTick()
  }
  if (given.value) void loadPlacesOfKind()
  watch(
    () => form.parent,
    () => (answered = loadPlaces()),
    { immediate: true },
  )
  return { known, given, leadTo, open, places, fitting, ...rules }
}
