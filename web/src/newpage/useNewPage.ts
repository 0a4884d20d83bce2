import { useSessionStorage } from '@vueuse/core'
import { computed, inject, provide, reactive, ref, watch, type InjectionKey, type Ref } from 'vue'
import { freshId } from '@/api/client'
import { said } from '@/api/said'
import type { KindInfo, PatternInfo } from '@/api/types'
import { mayWear } from '@/kind/mayWear'
import { pagesOf } from '@/site/pagesOf'
import { offered } from '@/site/offered'
import { useSite } from '@/site/useSite'
import { makeAddress } from './address'
import { blank, LONGEST_TITLE, type Form, type Start } from './form'
import { manyPages, onePage, type NamedPage } from './manyPages'
import { gatherable, lackedBy, naming } from './gathering'
import { makePlaces } from './places'

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

/** Kept in this window until it is made or closed: Back and Forward lose nothing that was typed. */
function keptForm(site: string, start: Start) {
  const kept = useSessionStorage(`venue-new-${site}-${JSON.stringify(start)}`, blank(start))
  const form = reactive(kept.value)
  // Several are described where somebody asks for several, and not because they did before.
  if (!start.several) Object.assign(form, { several: false, names: '' })
  return { form, forget: () => void (kept.value = null) }
}

/** What is wrong with the names; empty when nothing is. */
function wrongNames(titles: string[], several: boolean): string {
  if (titles.length === 0) return several ? 'Write a name on each line' : 'Give it a name'
  const long = titles.find((t) => [...t].length > LONGEST_TITLE)
  return long ? `“${long.slice(0, 30)}…” has ${[...long].length} characters; ${LONGEST_TITLE} fit` : ''
}

function describing(start: Start) {
  const site = useSite()
  const { form, forget } = keptForm(site.id, start)
  const kind = computed(() => site.kinds.get(form.kind))
  const places = makePlaces(start, form)
  const { whyNot, may, evenSo } = places
  const named = computed(() => (form.several ? manyPages(form.names) : onePage(form.name)))
  const titles = computed(() => named.value.map((p) => p.title))
  const address = makeAddress(form, () => titles.value[0])

  /** Why it can't be made yet; empty when it can. */
  const lacks = computed(() => {
    if (!kind.value) return 'Choose what it is'
    const why = !may.value.has(form.kind) && whyNot.value.get(form.kind)
    if (why) return `${pagesOf(kind.value.name)} ${why}`
    return wrongNames(titles.value, form.several)
  })
  const { wear, usable } = makeWearing(form, kind, places.mayBe)
  const beginnings = makeBeginnings(form)
  const gathering = makeGathering(form, kind, beginnings.begun)

  const usual = () => form.template === kind.value?.template
  const making = makeMaking(form, named, () => !lacks.value, {
    made: forget,
    known: places.known,
    template: () => (usual() ? undefined : form.template),
    evenSo: () => evenSo.value || undefined,
    gathers: () => gathering.value.answer,
  })
  const described = { form, ...places, kind, usable, wear, ...beginnings, gathering, named, titles }
  return { ...described, lacks, address, ...making, forget }
}

/** Whole pages to begin with, and the one that is chosen. */
function makeBeginnings(form: Form) {
  const site = useSite()
  const beginnings = computed(() => offered(site.catalog).filter((p) => p.sections > 1))
  return { beginnings, begun: computed(() => beginnings.value.find((p) => p.id === form.begin)) }
}

/** What the sections that it begins with ask to be told, and what is said or proposed. */
function makeGathering(form: Form, kind: Ref<KindInfo | undefined>, begun: Ref<PatternInfo | undefined>) {
  const site = useSite()
  return computed(() => {
    const asks = (begun.value ?? site.templates.get(form.template))?.asks
    const kinds = asks?.kind ? gatherable(site.catalog?.kinds ?? [], asks) : []
    const fields = asks?.field ? naming(site.catalog?.kinds ?? [], !!kind.value?.topics) : []
    const chosen = kinds.find((k) => k.id === form.gathers) ?? kinds[0]
    const field = fields.find((f) => f.key === form.byField)?.key ?? fields[0]?.key
    return {
      asks: asks && (asks.kind || asks.field) ? asks : undefined,
      kinds,
      fields,
      kind: chosen,
      field,
      lacks: asks && chosen ? lackedBy(chosen, asks) : [],
      answer: chosen || field ? { kind: chosen?.id, field } : undefined,
    }
  })
}

/**
 * A kind that is chosen comes with the template that its pages usually wear; one that is chosen beside stays as long as the kind does,
 * and as long as its pages may wear it. So one is always marked. A template that the kind may not wear brings its own kind along.
 */
function makeWearing(form: Form, kind: Ref<KindInfo | undefined>, mayBe: (kind: KindInfo) => boolean) {
  const site = useSite()
  const usual = () => kind.value?.template ?? kind.value?.templates[0] ?? ''
  const isOffered = () => !kind.value || mayWear(kind.value, form.template)
  /** The kinds that it may be here, the chosen one first. */
  const usable = computed(() => {
    const all = (site.catalog?.kinds ?? []).filter(mayBe)
    return [...all.filter((k) => k.id === form.kind), ...all.filter((k) => k.id !== form.kind)]
  })
  /** What was chosen together with another kind. */
  let along = ''
  function wear(template: string) {
    const as = usable.value.find((k) => mayWear(k, template))
    if (as && as.id !== form.kind) {
      along = template
      form.kind = as.id
    }
    form.template = template
  }
  form.template ||= usual()
  // The catalog is fetched again whenever anybody changes it, and the kind is then another object.
  watch(
    () => kind.value?.id,
    (_, before) => {
      form.template = along || (!before && form.template) || usual()
      along = ''
    },
  )
  watch(isOffered, (is) => is || (form.template = usual()), { immediate: true })
  return { wear, usable }
}

function searchText({ several, searchTitle, description }: Form) {
  const said = { searchTitle: searchTitle.trim(), searchDescription: description.trim() }
  return Object.fromEntries(Object.entries(several ? {} : said).filter(([, words]) => words))
}

/** The page that it is put in front of; none at the end. */
function before(form: Form): string | undefined {
  const site = useSite()
  if (!form.after) return undefined
  const siblings = site.order.filter((id) => (site.rows.get(id)?.parent ?? null) === form.parent)
  return siblings[siblings.indexOf(form.after) + 1]
}

interface Choices {
  /** Told when the pages are there. */
  made: () => void
  /** When it is known what may be made here. */
  known: () => Promise<void>
  template: () => string | undefined
  evenSo: () => true | undefined
  gathers: () => { kind?: string; field?: string } | undefined
}

/** Makes the pages that are described. */
function makeMaking(form: Form, named: Ref<NamedPage[]>, ready: () => boolean, choices: Choices) {
  const site = useSite()
  const busy = ref(false)
  /** Why they could not be made, where that was refused. */
  const refused = ref('')

  /** Makes the pages; gives the first one's id, or null when it was refused. */
  async function make(): Promise<string | null> {
    if (busy.value) return null
    busy.value = true
    await choices.known()
    if (!ready()) {
      busy.value = false
      return null
    }
    const pages = named.value.map((page) => ({ id: freshId(), ...page }))
    const answer = await site.give({
      verb: 'make-pages',
      where: { parent: form.parent ?? undefined, before: before(form), evenSo: choices.evenSo() },
      as: {
        kind: form.kind,
        template: choices.template(),
        begin: form.begin || undefined,
        gathers: choices.gathers(),
      },
      pages,
      menus: form.menus,
      settings: searchText(form),
    })
    busy.value = false
    refused.value = answer.ok ? '' : said(answer.problem)
    if (!answer.ok) return null
    choices.made()
    await site.refresh()
    return pages[0]?.id ?? null
  }
  return { busy, refused, make }
}
