import { useRoute, useRouter, type RouteLocationRaw } from 'vue-router'
import { useEdits } from '@/edit/useEdits'
import { useSite } from './useSite'

interface Acts {
  /** Where a step acts, in words that follow its name. */
  words: string
  to: RouteLocationRaw
  seen: boolean
}

/** Where a step acts that changed an item; none where nothing but the plan shows it. */
function makeActs() {
  const site = useSite()
  const route = useRoute()
  const at = (name: string, params: Record<string, string>, words: string): Acts => {
    const seen = Object.entries(params).every(([key, value]) => route.params[key] === value)
    return { words, to: { name, params }, seen: seen && (route.name === name || route.name === 'form') }
  }
  /** On the screen that shows all of them it is seen as well. */
  const inList = (list: string, acts: Acts): Acts => (route.name === list ? { ...acts, seen: true } : acts)
  return (item?: string): Acts | null => {
    if (!item) return null
    const row = site.rows.get(item)
    if (row) return inList('plan', at('page', { page: item }, `on “${row.title}”`))
    const template = site.templates.get(item)
    if (template) return at('template', { template: item }, `in the template ${template.name}`)
    const pattern = site.catalog?.patterns.find((p) => p.id === item)
    if (pattern) return inList('patterns', at('pattern', { pattern: item }, `in the pattern ${pattern.name}`))
    const menu = site.catalog?.menus.find((m) => m.id === item)
    const to = { name: 'plan', params: { page: '' }, query: { menu: item } }
    if (menu) return inList('plan', { words: `in the lines of ${menu.name}`, to, seen: false })
    return item === 'theme' ? at('theme', {}, 'in the theme') : null
  }
}

/** Takes back and does again; where that acts out of sight it leads there, so that it is seen. */
export function useTurning() {
  const site = useSite()
  const edits = useEdits()
  const router = useRouter()
  const acts = makeActs()
  const standing = (which: 'undo' | 'redo') => site.standing?.[which]
  const at = (which: 'undo' | 'redo') => acts(site.standing?.[`${which}At`])
  /** What it would be, and where, unless that is in sight. */
  function words(which: 'undo' | 'redo') {
    const name = standing(which)
    const where = at(which)
    const verb = which === 'undo' ? 'Undo' : 'Redo'
    if (!name) return verb
    return `${verb} “${name}”${where && !where.seen ? ` ${where.words}` : ''}`
  }
  async function turn(which: 'undo' | 'redo') {
    const where = at(which)
    const done = await edits.turn(site.id, which)
    if (done && where && !where.seen) await router.push(where.to)
  }
  return { standing, words, turn }
}
