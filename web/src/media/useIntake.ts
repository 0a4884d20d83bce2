import { ref } from 'vue'
import { sendFile } from '@/api/client'
import type { MediaInfo } from '@/api/types'
import { said } from '@/api/said'
import { useSite } from '@/site/useSite'
import { tooLarge } from './tooLarge'

export interface Job {
  key: number
  file: File
  share: number
  state: 'waits' | 'sends' | 'failed'
  says: string
  stop?: () => void
}

/** Takes in many files, one after another, each with its progress; a failed one waits to be tried again. */
export function useIntake(folder: () => string, taken: () => unknown) {
  const site = useSite()
  const jobs = ref<Job[]>([])
  let next = 1
  let running = false

  function bring(files: FileList | null | undefined) {
    for (const file of files ?? []) {
      const large = tooLarge(file)
      const says = large ? `${large}.` : ''
      jobs.value.push({ key: next++, file, share: 0, state: large ? 'failed' : 'waits', says })
    }
    void run()
  }

  async function run() {
    if (running) return
    running = true
    for (let job = waiting(); job; job = waiting()) await send(job)
    running = false
  }

  function waiting() {
    return jobs.value.find((j) => j.state === 'waits')
  }

  async function send(job: Job) {
    job.state = 'sends'
    const path = `/sites/${site.id}/media?folder=${encodeURIComponent(folder())}`
    const sending = sendFile<MediaInfo>(path, job.file, (share) => (job.share = share))
    job.stop = sending.stop
    const answer = await sending.done
    if (answer.ok) {
      drop(job)
      taken()
    } else if (answer.problem.code === 'stopped') drop(job)
    else {
      job.state = 'failed'
      job.says = said(answer.problem)
    }
  }

  function drop(job: Job) {
    jobs.value = jobs.value.filter((j) => j.key !== job.key)
  }
  function again(job: Job) {
    job.state = 'waits'
    job.says = ''
    void run()
  }
  function cancel(job: Job) {
    if (job.state === 'sends') job.stop?.()
    else drop(job)
  }

  return { jobs, bring, again, cancel }
}
