import { flushPromises, type VueWrapper } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { vi } from 'vitest'
import type { Catalog, Coming, Command, PlanRow } from '@/api/types'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'

/** A row of the plan, as little of it as a test needs. */
export const row = (id: string, more: Partial<PlanRow> = {}): PlanRow => ({
  id,
  title: id[0]!.toUpperCase() + id.slice(1),
  address: `/${id}`,
  kind: 'standard',
  template: 'plain',
  wornBecause: 'KIND',
  state: 'LIVE',
  home: false,
  tasks: [],
  menus: [],
  following: [],
  sitemap: 'in',
  sitemapWhy: '',
  toFill: 0,
  mustFix: 0,
  shouldFix: 0,
  notes: 0,
  found: '',
  ...more,
})

/** What would come of something from which nothing comes. */
export const NOTHING_COMES: Coming = {
  pages: 1,
  moves: 0,
  moving: [],
  leading: { on: 0, gone: 0 },
  rest: { menus: [], seen: { hidden: 0, closed: 0, opened: 0 }, shelved: { pages: 0, sections: 0 } },
  refused: [],
  refusals: 0,
}

const pattern = (id: string, name: string, group: string, more = {}) => ({
  id,
  name,
  group,
  note: '',
  retired: false,
  toFill: 1,
  sections: 1,
  columns: 1,
  kinds: ['heading'],
  drawn: id,
  ...more,
})
const kind = (id: string, name: string, more = {}) => ({
  id,
  name,
  templates: [],
  wearsAny: false,
  retired: false,
  ...more,
})
const CATALOG = {
  patterns: [
    pattern('call', 'Call', 'Calls'),
    pattern('voice', 'Voice', 'Voices', { note: 'What somebody says' }),
    pattern('old', 'Old voice', 'Voices', { retired: true }),
    pattern('bare', 'Bare', 'Voices', { sections: 0, columns: 0, kinds: [] }),
  ],
  patternGroups: ['Calls', 'Voices'],
  elements: [
    {
      key: 'heading',
      name: 'Heading',
      note: 'A line above',
      properties: [],
      siteFacts: [],
      inPlace: [],
      summary: [],
      managersOnly: false,
      states: [],
    },
    {
      key: 'text',
      name: 'Text',
      note: 'Paragraphs',
      properties: [],
      siteFacts: [],
      inPlace: [],
      summary: [],
      managersOnly: false,
      states: [],
    },
    {
      key: 'quote',
      name: 'Quote',
      note: 'What somebody said',
      properties: [],
      siteFacts: [],
      inPlace: [],
      summary: [],
      managersOnly: false,
      states: [],
    },
  ],
  kinds: [
    kind('standard', 'Standard page', { changeable: true, template: 'plain', wearsAny: true }),
    kind('night', 'Open night', { changeable: false, template: 'wide', templates: ['wide'] }),
  ],
  purposes: [
    { key: 'begin', title: 'Begin with', note: 'the first page' },
    { key: 'tell', title: 'Tell', note: 'words and pictures' },
  ],
  templates: [
    { id: 'plain', name: 'Plain', note: '', purpose: 'tell', retired: false },
    { id: 'wide', name: 'Wide picture', note: '', purpose: 'tell', retired: false },
  ],
  menus: [{ id: 'main', name: 'Main', places: ['headerMenu'] }],
  pageSettings: [],
  facts: {},
  textures: { dots: '<svg/>' },
  type: { pageWidth: 1200 },
  language: 'en-GB',
}

/** Kestrel Moor with a few pages, worked on by a manager; what is given is kept instead of being sent. */
export function moor(rows: PlanRow[] = [], answers: (path: string) => unknown = () => ({})) {
  localStorage.clear()
  setActivePinia(createPinia())
  const given: Command[] = []
  const upon: Record<string, string>[] = []
  const asked: string[] = []
  vi.stubGlobal('fetch', (path: string, init?: RequestInit) => {
    asked.push(path)
    if (init?.method === 'POST' && path.endsWith('/commands')) {
      const body = JSON.parse(String(init.body)) as { command: Command; seen: Record<string, string> }
      given.push(body.command)
      upon.push(body.seen)
      const done = { step: given.length, name: 'it', items: [], revisions: {} }
      return Promise.resolve(new Response(JSON.stringify(done)))
    }
    return Promise.resolve(new Response(JSON.stringify(answers(path))))
  })
  const site = useSite()
  site.id = 'moor'
  site.catalog = CATALOG as unknown as Catalog
  site.rows = new Map(rows.map((r) => [r.id, r]))
  site.order = rows.map((r) => r.id)
  useSession().person = { id: 'maja', name: 'Maja' } as never
  useSession().role = 'MANAGER'
  return { site, given, upon, asked }
}

/** Vuetify's parts by what they do, so that a test sees the screen and not the library. */
export const stubs = {
  'v-dialog': { props: ['modelValue'], template: '<div v-if="modelValue" role="dialog"><slot /></div>' },
  'v-btn': { template: '<button type="button"><slot /></button>' },
  'v-menu': { template: '<div><slot name="activator" :props="{}" /><slot /></div>' },
  'v-checkbox': {
    props: ['modelValue', 'label'],
    emits: ['update:modelValue'],
    template:
      '<label><input type="checkbox" :checked="modelValue" @change="$emit(\'update:modelValue\', $event.target.checked)" />{{ label }}</label>',
  },
  'v-autocomplete': {
    props: ['modelValue', 'items', 'multiple'],
    emits: ['update:modelValue'],
    template:
      '<select :value="modelValue" @change="$emit(\'update:modelValue\', multiple !== undefined ? [$event.target.value] : $event.target.value)"><option value=""></option><option v-for="i in items" :key="i.value" :value="i.value">{{ i.title }}</option></select>',
  },
  'v-radio-group': {
    props: ['modelValue'],
    emits: ['update:modelValue'],
    template:
      '<div role="radiogroup" @change="$emit(\'update:modelValue\', $event.target.value)"><slot /></div>',
  },
  'v-radio': {
    props: ['value', 'label'],
    template: '<label><input type="radio" :value="value" />{{ label }}</label>',
  },
  'v-text-field': {
    props: ['modelValue'],
    emits: ['update:modelValue'],
    template: '<input :value="modelValue" @input="$emit(\'update:modelValue\', $event.target.value)" />',
  },
  'v-progress-linear': true,
  'v-divider': true,
  TemplateGlyph: true,
  ProofFrame: true,
  'v-list': { template: '<div><slot /></div>' },
  'v-list-subheader': { template: '<h4><slot /></h4>' },
  'v-list-item': {
    props: ['title', 'subtitle'],
    template: '<button type="button">{{ title }}<i>{{ subtitle }}</i></button>',
  },
  'router-link': { props: ['to'], template: '<a><slot /></a>' },
}
export const mounting = { stubs, directives: { focus: () => {} } }

interface Found {
  text: () => string
  trigger: (event: string) => Promise<void>
}

/** Presses the button that says so, and waits for what comes of it. */
export async function press(wrapper: { findAll: (what: string) => Found[] }, words: string) {
  const found = wrapper.findAll('button').find((b) => b.text().includes(words))
  if (!found)
    throw new Error(
      `no button says “${words}”: ${wrapper
        .findAll('button')
        .map((b) => b.text())
        .join(' | ')}`,
    )
  await found.trigger('click')
  await flushPromises()
}

/** Chooses one of several by its words, unrolling them where they aren't in sight. */
export async function choose(wrapper: VueWrapper, title: string, at = 0) {
  const choice = wrapper.findAll('.choice')[at]!
  const rolled = choice.find('.chosen')
  if (rolled.exists()) await rolled.trigger('click')
  const found = choice.findAll('[role=radio]').find((r) => r.text() === title)
  await found!.trigger('click')
  await flushPromises()
}

/** The same of the choice that is called so. */
export async function chooseOf(wrapper: VueWrapper, label: string, title: string) {
  const at = wrapper
    .findAll('.choice')
    .findIndex(
      (c) =>
        c.find(`[role=radiogroup][aria-label="${label}"]`).exists() ||
        (c.find('.chosen .unseen').exists() && c.get('.chosen .unseen').text() === `${label}:`),
    )
  await choose(wrapper, title, at)
}
