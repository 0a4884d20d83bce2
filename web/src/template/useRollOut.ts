import { ref, watch, type Ref } from 'vue'
import { freshId, question } from '@/api/client'
import { said } from '@/api/said'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'
import { makeChoices } from './rollOutChoices'

/** In about so many parts, so that the progress moves; a part is not smaller or larger than this. */
const PARTS = 25
const FEWEST = 20
const MOST = 200

function reportOf(done: number, all: number, of: number): string {
  return done === all
    ? `Rolled out to ${done} of ${of} pages. It can be undone in one step.`
    : `Stopped after ${done} of ${all} pages; what is done stays whole. It can be undone in one step.`
}

/** A template's changes against its pages: what is chosen, and carrying it out some pages at a time. */
export function useRollOut(template: Ref<string>) {
  const site = useSite()
  const progress = ref<{ done: number; all: number } | null>(null)
  const busy = () => progress.value !== null
  const kept = useItem(
    () =>
      template.value
        ? question('/api/sites/{site}/roll-outs/{item}', { path: { site: site.id, item: template.value } })
        : null,
    undefined,
    busy,
  )
  const { value: table, problem, load } = kept
  const { clear, ...choices } = makeChoices(table)
  const report = ref('')
  let stopped = false

  /** Some pages at a time, so that it can be stopped; all of them are one step to take back. */
  async function run() {
    const rows = choices.going.value
    const group = freshId()
    stopped = false
    report.value = ''
    let done = 0
    progress.value = { done, all: rows.length }
    const atOnce = Math.min(MOST, Math.max(FEWEST, Math.ceil(rows.length / PARTS)))
    while (done < rows.length && !stopped) {
      const batch = rows.slice(done, done + atOnce)
      const pages = Object.fromEntries(batch.map((r) => [r.page, choices.choicesOf(r)]))
      const answer = await site.give({ verb: 'roll-out', item: template.value, pages }, null, group)
      if (!answer.ok) break
      done += batch.length
      progress.value = { done, all: rows.length }
    }
    report.value = reportOf(done, rows.length, table.value?.rows.length ?? done)
    progress.value = null
    if (done === rows.length) clear()
    await load()
  }
  watch(problem, (now) => now && (report.value = said(now)))
  return { table, ...choices, progress, report, run, stop: () => (stopped = true) }
}
