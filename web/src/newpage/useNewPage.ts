import { computed, inject, provide, reactive, ref, watch, type InjectionKey, type Ref } from 'vue'
import { freshId } from '@/api/client'
import { pagesOf } from '@/site/pagesOf'
import { useSite } from '@/site/useSite'
import { makeAddress } from './address'
import { blank, type Form, type Start } from './form'
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

function describing(start: Start) {
  const site = useSite()
  const form = reactive(blank(start))
  const kind = computed(() => site.kinds.get(form.kind))
  const places = makePlaces(start, form)
  const { whyNot, may, evenSo } = places
  const titles = computed(() =>
    (form.several ? form.names.split('\n') : [form.name]).map((n) => n.trim()).filter(Boolean),
  )
  const address = makeAddress(form, () => titles.value[0])

  /** Why it can't be made yet; empty when it can. */
  const lacks = computed(() => {
    if (!kind.value) return 'Choose what it is'
    const why = whyNot.value.get(form.kind)
    if (why && !may.value.has(form.kind)) return `${pagesOf(kind.value.name)} ${why}`
    if (titles.value.length === 0) return form.several ? 'Write a name on each line' : 'Give it a name'
    return ''
  })
  watch(kind, (k) => (form.template = k?.template ?? ''), { immediate: true })

  const usual = () => form.template === kind.value?.template
  const { busy, make } = makeMaking(form, titles, () => !lacks.value, {
    template: () => (usual() ? undefined : form.template),
    evenSo: () => evenSo.value || undefined,
  })
  return { given: start.kind, form, ...places, kind, titles, lacks, address, busy, make }
}

interface Choices {
  template: () => string | undefined
  evenSo: () => true | undefined
}

/** Makes the pages that are described. */
function makeMaking(form: Form, titles: Ref<string[]>, ready: () => boolean, choices: Choices) {
  const site = useSite()
  const busy = ref(false)

  function before(): string | undefined {
    if (!form.after) return undefined
    const siblings = site.order.filter((id) => (site.rows.get(id)?.parent ?? null) === form.parent)
    return siblings[siblings.indexOf(form.after) + 1]
  }

  /** Makes the pages; gives the first one's id, or null when it was refused. */
  async function make(): Promise<string | null> {
    if (!ready() || busy.value) return null
    busy.value = true
    const pages = titles.value.map((title) => ({ id: freshId(), title }))
    const settings = form.description.trim() ? { searchDescription: form.description.trim() } : {}
    const answer = await site.give({
      verb: 'make-pages',
      parent: form.parent ?? undefined,
      before: before(),
      kind: form.kind,
      template: choices.template(),
      pages,
      menus: form.menus,
      settings: settings as never,
      evenSo: choices.evenSo(),
    })
    busy.value = false
    if (!answer.ok) return null
    await site.refresh()
    return pages[0]?.id ?? null
  }
  return { busy, make }
}
