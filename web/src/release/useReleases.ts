import { computed, watch } from 'vue'
import { get, question } from '@/api/client'
import type { AskedRelease } from '@/api/types'
import { useItem } from '@/site/useItem'
import { useParts } from '@/site/useParts'
import { useSite } from '@/site/useSite'

/** As many releases the line shows. */
const LINE = 500

/** All that the screen of releases shows: what waits, what is set for a time or asked for, and what was. */
export function useReleases() {
  const site = useSite()
  const path = () => ({ path: { site: site.id } })
  const { value: waiting, load } = useItem(() => question('/api/sites/{site}/releases/waiting', path()))
  const { value: planned, load: loadPlanned } = useItem(() =>
    question('/api/sites/{site}/releases/planned', path()),
  )
  const { value: asked, load: loadAsked } = useItem(() =>
    question('/api/sites/{site}/releases/asked', path()),
  )
  const {
    all: log,
    more,
    load: loadLog,
    earlier,
  } = useParts((from) => get('/api/sites/{site}/releases', { ...path(), query: { from } }), LINE)
  watch(() => site.standing?.release, loadLog, { immediate: true })
  const loadAll = () => Promise.all([load(), loadPlanned(), loadAsked()])
  watch(() => site.planned, loadAll)
  /** Who asks for an item, the latest first. */
  const askedFor = computed(() => {
    const all = new Map<string, AskedRelease>()
    for (const one of asked.value ?? []) for (const item of one.items) all.set(item, one)
    return all
  })
  return { waiting, planned, askedFor, log, more, earlier, loadAll }
}
