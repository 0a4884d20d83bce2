import { ref } from 'vue'
import { get, sendFile } from '@/api/client'
import { said } from '@/api/said'
import { useSite } from '@/site/useSite'
import { sayTakenOut } from './takenOut'
import { tooLarge } from './tooLarge'

export interface Job {
  key: number
  file: File
  folder: string
  share: number
  state: 'waits' | 'sends' | 'failed'
  says: string
  stop?: () => void
}

let next = 1

function jobOf(file: File, folder: string, room: number): Job {
  const large = tooLarge(file, room)
  return {
    key: next++,
    file,
    folder,
    share: 0,
    state: large ? 'failed' : 'waits',
    says: large ? `${large}.` : '',
  }
}

/** Takes in many files, one after another, each with its progress; a failed one waits to be tried again. */
export function useIntake(taken: () => unknown) {
  const site = useSite()
  const jobs = ref<Job[]>([])
  let running = false

  /** How many bytes the site has room for still; not known before it has been asked for. */
  let room = Infinity

  async function bring(files: FileList | null | undefined, folder = '') {
    const given = [...(files ?? [])]
    const answer = await get('/api/sites/{site}/media/room', { path: { site: site.id } })
    if (answer.ok) room = answer.value.most - answer.value.taken
    jobs.value.push(...given.map((file) => jobOf(file, folder, room)))
    void run()
  }

  async function run() {
    if (running) return
    running = true
    for (let job = waiting(); job; job = waiting()) await send(job)
    running = false
  }
  const waiting = () => jobs.value.find((j) => j.state === 'waits')

  async function send(job: Job) {
    job.state = 'sends'
    const at = { path: { site: site.id }, query: { folder: job.folder } }
    const sending = sendFile('/api/sites/{site}/media', at, job.file, (share) => (job.share = share))
    job.stop = sending.stop
    const answer = await sending.done
    if (!answer.ok && answer.problem.code !== 'stopped')
      return Object.assign(job, { state: 'failed', says: said(answer.problem) })
    drop(job)
    if (!answer.ok) return
    sayTakenOut(answer.value)
    taken()
  }

  const drop = (job: Job) => (jobs.value = jobs.value.filter((j) => j.key !== job.key))
  function again(job: Job) {
    Object.assign(job, { state: 'waits', says: '' })
    void run()
  }
  const cancel = (job: Job) => (job.state === 'sends' ? job.stop?.() : drop(job))

  return { jobs, bring, again, cancel }
}
