import { computed, ref, type Ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { get } from '@/api/client'
import type { Findings, ThemeDetail } from '@/api/types'
import { helpPages } from '@/help/pages'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { useTurning } from '@/site/useTurning'
import { acts } from './acts'
import { COLUMNS, file, lookUp, type Entry, type Filed, type Group } from './entry'
import { settings } from './settings'
import { TASKS } from './tasks'

const MOST = 8

/** A group of the index as it is shown: its first entries, and how many more there are. */
export interface Shown {
  group: Group
  entries: Filed[]
  more: number
}

/** The index of everything that has a name here, looked up by words. */
export function useIndex(
  words: Ref<string>,
  told: { keys: () => void; help: (page: string) => void; leave: () => unknown },
) {
  const site = useSite()
  const session = useSession()
  const { turn } = useTurning()
  const route = useRoute()
  const router = useRouter()
  const { theme, findings, ask } = makeAsked()

  const pages = computed(() => [...site.rows.values()].map((r) => file(ofPage(r))))
  const rest = computed(() => {
    const { manager } = session
    const page = route.params.page ? String(route.params.page) : null
    const leave = told.leave
    return [
      ...(manager ? shapes(site) : []),
      ...kinds(site, manager),
      ...menus(site),
      ...settings(theme.value, manager),
      ...tasks(told.help, manager),
      ...acts({ site, session, turn, router, page, keys: told.keys, leave }),
      ...findings.value,
      ...helpPages.map((p) => ({
        id: `help-${p.key}`,
        group: 'Help' as const,
        name: p.title,
        locator: p.of ?? 'guide',
        also: p.words,
        act: () => told.help(p.key),
      })),
    ].map(file)
  })
  const found = computed(() => lookUp([...pages.value, ...rest.value], words.value))
  const columns = computed<Shown[][]>(() =>
    COLUMNS.map((groups) => groups.map((g) => shown(g, found.value)).filter((s) => s.entries.length)),
  )
  return { columns, count: computed(() => found.value.length), ask }
}

function shown(group: Group, found: Filed[]): Shown {
  const all = found.filter((e) => e.group === group)
  return { group, entries: all.slice(0, MOST), more: Math.max(0, all.length - MOST) }
}

/** What is asked for when the index is opened. */
function makeAsked() {
  const site = useSite()
  const theme = ref<ThemeDetail['groups']>([])
  const findings = ref<Entry[]>([])
  async function ask() {
    const [look, survey] = await Promise.all([
      get('/api/sites/{site}/theme', { path: { site: site.id } }),
      get('/api/sites/{site}/survey', { path: { site: site.id } }),
    ])
    if (look.ok) theme.value = [...look.value.groups, ...look.value.identity.groups]
    if (survey.ok) findings.value = survey.value.rules.flatMap((r) => ofRule(r, survey.value))
  }
  return { theme, findings, ask }
}
function ofRule(rule: Findings['rules'][number], survey: Findings): Entry[] {
  const found = survey.findings.filter((f) => f.finding.rule === rule.key)
  if (!found.length) return []
  const to = { name: 'survey', query: { rule: rule.key } }
  const also = `${rule.why} ${found.map((f) => f.name).join(' ')}`
  return [
    { id: `rule-${rule.key}`, group: 'Findings', name: rule.name, locator: String(found.length), also, to },
  ]
}

const tasks = (help: (page: string) => void, manager: boolean): Entry[] =>
  TASKS.filter((t) => !t.managers || manager).map((t) => ({
    ...t,
    id: `task-${t.id}`,
    group: t.help ? 'Help' : 'What you can do',
    act: t.help ? () => help(t.help!) : undefined,
  }))

type Site = ReturnType<typeof useSite>
const ofPage = (r: {
  id: string
  title: string
  address: string
  template: string
  found: string
}): Entry => ({
  id: r.id,
  group: 'Pages',
  name: r.title,
  locator: r.address,
  template: r.template,
  also: r.found,
  to: { name: 'page', params: { page: r.id } },
})

function shapes(site: Site): Entry[] {
  const templates = (site.catalog?.templates ?? []).map((t) => ({
    id: t.id,
    group: 'Templates and kinds' as const,
    name: t.name,
    locator: t.pages === 1 ? 'template, 1 page' : `template, ${t.pages} pages`,
    template: t.id,
    to: { name: 'template', params: { template: t.id } },
  }))
  const patterns = (site.catalog?.patterns ?? []).map((p) => ({
    id: p.id,
    group: 'Patterns' as const,
    name: p.name,
    locator: p.group,
    also: p.note,
    to: { name: 'pattern', params: { pattern: p.id } },
  }))
  return [...templates, ...patterns]
}

const menus = (site: Site): Entry[] =>
  (site.catalog?.menus ?? []).map((m) => ({
    id: m.id,
    group: 'Settings' as const,
    name: `Lines of ${m.name}`,
    locator: 'Plan',
    also: 'menu navigation order names outside link',
    to: { name: 'plan', params: { page: '' }, query: { menu: m.id } },
  }))

/** Kinds are the managers' to look up; those without pages hold entries, which are everybody's. */
function kinds(site: Site, manager: boolean): Entry[] {
  return (site.catalog?.kinds ?? [])
    .filter((k) => k.pageless || manager)
    .map((k) => ({
      id: k.id,
      group: k.pageless ? ('Entries' as const) : ('Templates and kinds' as const),
      name: k.name,
      locator: k.pageless
        ? `${k.pages} in the table`
        : `kind, ${k.pages === 1 ? '1 page' : `${k.pages} pages`}`,
      template: k.pageless ? undefined : k.template,
      to: { name: 'kind', params: { kind: k.id } },
    }))
}
