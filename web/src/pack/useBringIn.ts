import { onUnmounted, reactive, ref, type Ref } from 'vue'
import { del, get, post, sendFile, type Outcome, type Problem } from '@/api/client'
import type { PackHow, PackLooked, PackProgress } from '@/api/types'
import { useSite } from '@/site/useSite'

const SOON = 2000
const OFTEN = 700

interface Bringing {
  site: string
  looked: Ref<PackLooked | null>
  problem: Ref<Problem | null>
  busy: Ref<'sends' | 'reads' | null>
  /** How much has gone, or has been kept: from 0 to 1. */
  share: Ref<number>
  /** How many of its files have been kept, while it is read. */
  kept: Ref<PackProgress | null>
  how: PackHow
  take: (answer: Outcome<PackLooked>) => void
}

/** Sends a pack, and lets go of one that is not to be read. */
function makeSending({ site, looked, problem, busy, share, take }: Bringing) {
  let stop = () => {}

  async function send(file: File) {
    letGo()
    problem.value = null
    busy.value = 'sends'
    share.value = 0
    const sending = sendFile(
      '/api/sites/{site}/packs',
      { path: { site } },
      file,
      (gone) => (share.value = gone),
    )
    stop = sending.stop
    const answer = await sending.done
    busy.value = null
    if (answer.ok || answer.problem.code !== 'stopped') take(answer)
  }
  function letGo() {
    stop()
    if (looked.value) void del('/api/sites/{site}/packs/{pack}', { path: { site, pack: looked.value.id } })
    looked.value = null
  }
  return { send, letGo }
}

/** Reads a pack; what takes longer tells how far it is. */
function makeReading(
  { site, looked, problem, busy, share, kept, how }: Bringing,
  done: () => Promise<unknown>,
) {
  let reading = false
  async function progress() {
    if (!reading || !looked.value) return
    const answer = await get('/api/sites/{site}/packs/{pack}', {
      path: { site, pack: looked.value.id },
    })
    if (answer.ok) {
      kept.value = answer.value
      share.value = answer.value.done / Math.max(1, answer.value.files)
    }
    if (reading) setTimeout(progress, OFTEN)
  }

  /** Gives what the step is called, or nothing where it was refused. */
  return async function read() {
    if (!looked.value || busy.value) return null
    busy.value = 'reads'
    reading = true
    share.value = 0
    kept.value = null
    setTimeout(progress, SOON)
    const answer = await post(
      '/api/sites/{site}/packs/{pack}/read',
      { path: { site, pack: looked.value.id } },
      how,
    )
    reading = false
    problem.value = answer.ok ? null : answer.problem
    // The report stays until what came is in sight.
    if (answer.ok) await done()
    busy.value = null
    if (!answer.ok) return null
    looked.value = null
    return answer.value
  }
}

/** A pack on its way in: sent, looked at as often as something else is chosen, and read when that is asked for. */
export function useBringIn() {
  const site = useSite()
  const looked = ref<PackLooked | null>(null)
  const problem = ref<Problem | null>(null)
  const busy = ref<'sends' | 'reads' | null>(null)
  const share = ref(0)
  const kept = ref<PackProgress | null>(null)
  const how = reactive<PackHow>({ differing: 'MINE', each: {}, how: 'UNDER', wearItsLook: false })

  function take(answer: Outcome<PackLooked>) {
    problem.value = answer.ok ? null : answer.problem
    if (answer.ok) looked.value = answer.value
  }
  const bringing = { site: site.id, looked, problem, busy, share, kept, how, take }
  const { send, letGo } = makeSending(bringing)
  const read = makeReading(bringing, site.refresh)

  let asked = 0
  /** The report for what is chosen now; an answer to an earlier choice comes too late. */
  async function look() {
    if (!looked.value) return
    const mine = ++asked
    const answer = await post(
      '/api/sites/{site}/packs/{pack}/look',
      { path: { site: site.id, pack: looked.value.id } },
      how,
    )
    if (mine === asked) take(answer)
  }
  onUnmounted(letGo)

  return { looked, problem, busy, share, kept, how, send, look, read }
}
