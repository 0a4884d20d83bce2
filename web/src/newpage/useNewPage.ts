import { useDebounceFn } from '@vueuse/core'
import { computed, inject, provide, reactive, ref, watch, type InjectionKey } from 'vue'
import { freshId, get } from '@/api/client'
import type { NewAddress, PlaceFor } from '@/api/types'
import { useSite } from '@/site/useSite'
import { pagesOf } from '@/kind/pagesOf'

const TYPING_MS = 150

type NewPage = ReturnType<typeof describing>
const KEY: InjectionKey<NewPage> = Symbol('new page')

/** The page that is being described around here. */
export function useNewPageHere(): NewPage {
  const found = inject(KEY)
  if (!found) throw new Error('no new page around')
  return found
}

/** A page, or several, while they are being described; nothing is made before `make`. */
export function useNewPage(start: Start): NewPage {
  const shared = describing(start)
  provide(KEY, shared)
  return shared
}

interface Start {
  parent: string | null
  after: string | null
  several: boolean
  kind: string | null
}

function describing(start: Start) {
  const site = useSite()
  const form = reactive({
    parent: start.parent,
    after: start.after,
    several: start.several,
    kind: start.kind ?? '',
    template: '',
    name: '',
    names: '',
    menus: [] as string[],
    description: '',
  })
  const here = ref<PlaceFor[]>([])
  const address = ref<NewAddress | null>(null)
  const busy = ref(false)

  /** The places for a kind that was chosen before the place; none where the place comes first. */
  const places = ref<PlaceFor[]>([])
  const whyNot = computed(() => new Map(here.value.map((p) => [p.kind, p.whyNot ?? ''])))
  /** Kinds that may be made here, though the rules say otherwise for a manager. */
  const may = computed(() => new Set(here.value.filter((p) => p.may).map((p) => p.kind)))
  const nothingFits = computed(() => here.value.length > 0 && here.value.every((p) => p.whyNot))
  const fitting = computed(() => places.value.filter((p) => !p.whyNot && p.may))
  const evenSo = computed(() => !!whyNot.value.get(form.kind) && may.value.has(form.kind))
  const kind = computed(() => site.kinds.get(form.kind))
  const titles = computed(() =>
    (form.several ? form.names.split('\n') : [form.name]).map((n) => n.trim()).filter(Boolean),
  )

  /** Why it can't be made yet; empty when it can. */
  const lacks = computed(() => {
    if (!kind.value) return 'Choose what it is'
    const why = whyNot.value.get(form.kind)
    if (why && !may.value.has(form.kind)) return `${pagesOf(kind.value.name)} ${why}`
    if (titles.value.length === 0) return form.several ? 'Write a name on each line' : 'Give it a name'
    return ''
  })

  /** The kind that most pages here have, of those that fit; else the first. */
  function usual(fits: string[]): string {
    const beside = [...site.rows.values()]
      .filter((r) => (r.parent ?? null) === form.parent)
      .map((r) => r.kind)
    const count = (kind: string) => beside.filter((k) => k === kind).length
    return [...fits].sort((a, b) => count(b) - count(a))[0] ?? ''
  }

  async function loadPlaces() {
    const query = form.parent ? `?parent=${form.parent}` : ''
    const answer = await get<PlaceFor[]>(`/sites/${site.id}/places${query}`)
    if (!answer.ok) return
    here.value = answer.value
    if (start.kind) return
    if (!form.kind || whyNot.value.get(form.kind)) {
      const fits = (site.catalog?.kinds ?? []).filter((k) => !whyNot.value.get(k.id))
      form.kind = usual(fits.map((k) => k.id))
    }
  }

  async function loadPlacesOfKind() {
    if (!start.kind) return
    const answer = await get<PlaceFor[]>(`/sites/${site.id}/kinds/${start.kind}/places`)
    if (!answer.ok) return
    places.value = answer.value
    const fits = fitting.value
    if (fits.length && !fits.some((p) => (p.parent ?? null) === form.parent))
      form.parent = fits[0]?.parent ?? null
  }

  const ask = useDebounceFn(async () => {
    const title = titles.value[0]
    if (!title || form.several) return (address.value = null)
    const query = new URLSearchParams({ title, ...(form.parent ? { parent: form.parent } : {}) })
    const answer = await get<NewAddress>(`/sites/${site.id}/addresses?${query}`)
    address.value = answer.ok ? answer.value : null
  }, TYPING_MS)

  void loadPlacesOfKind()
  watch(() => form.parent, loadPlaces, { immediate: true })
  watch(() => [form.name, form.parent, form.several], ask)
  watch(kind, (k) => (form.template = k?.template ?? ''), { immediate: true })

  function before(): string | undefined {
    if (!form.after) return undefined
    const siblings = site.order.filter((id) => (site.rows.get(id)?.parent ?? null) === form.parent)
    return siblings[siblings.indexOf(form.after) + 1]
  }

  /** Makes the pages; gives the first one's id, or null when it was refused. */
  async function make(): Promise<string | null> {
    if (lacks.value || busy.value) return null
    busy.value = true
    const pages = titles.value.map((title) => ({ id: freshId(), title }))
    const settings = form.description.trim() ? { searchDescription: form.description.trim() } : {}
    const answer = await site.give({
      verb: 'make-pages',
      parent: form.parent ?? undefined,
      before: before(),
      kind: form.kind,
      template: form.template === kind.value?.template ? undefined : form.template,
      pages,
      menus: form.menus,
      settings: settings as never,
      evenSo: evenSo.value || undefined,
    })
    busy.value = false
    if (!answer.ok) return null
    await site.refresh()
    return pages[0]?.id ?? null
  }

  return {
    given: start.kind,
    form,
    places,
    fitting,
    whyNot,
    may,
    evenSo,
    nothingFits,
    kind,
    titles,
    lacks,
    address,
    busy,
    make,
  }
}
