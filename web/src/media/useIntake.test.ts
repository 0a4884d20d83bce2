import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import * as client from '@/api/client'
import { useNotices } from '@/edit/useNotices'
import { useIntake } from './useIntake'

const file = (name: string, bytes = 10) => {
  const made = new File(['x'], name)
  Object.defineProperty(made, 'size', { value: bytes })
  return made
}
const list = (...files: File[]) => files as unknown as FileList
const settled = () => new Promise((resolve) => setTimeout(resolve))
const problem = (code: string) => ({
  ok: false as const,
  problem: { status: code === 'stopped' ? 0 : 422, code, detail: 'No.', fix: 'Do this.' },
})

describe('taking files in', () => {
  const sent: string[] = []
  let answer: () => Promise<unknown>
  let taken: ReturnType<typeof vi.fn<() => void>>

  beforeEach(() => {
    setActivePinia(createPinia())
    sent.length = 0
    taken = vi.fn<() => void>()
    answer = () => Promise.resolve({ ok: true, value: { takenOut: [] } })
    vi.spyOn(client, 'get').mockImplementation(() =>
      Promise.resolve({ ok: true, value: { taken: 60, most: 100 } } as never),
    )
    vi.spyOn(client, 'sendFile').mockImplementation((path, at, given, gone) => {
      sent.push(`${given.name} ${client.addressOf(path, at)}`)
      gone(0.5)
      return { done: answer() as never, stop: vi.fn() }
    })
  })

  it('sends one after another, into the folder at hand', async () => {
    const intake = useIntake(taken)
    void intake.bring(list(file('a.jpg'), file('b.jpg')), 'Sky & dome')
    await settled()
    expect(sent.map((s) => s.split(' ')[0])).toEqual(['a.jpg', 'b.jpg'])
    expect(sent[0]).toContain('folder=Sky%20%26%20dome')
    expect(taken).toHaveBeenCalledTimes(2)
    expect(intake.jobs.value).toEqual([])
  })

  it('says what was taken out of a drawing', async () => {
    answer = () => Promise.resolve({ ok: true, value: { name: 'Mark', takenOut: ['onload', 'script'] } })
    void useIntake(taken).bring(list(file('mark.svg')))
    await settled()
    expect(useNotices().list).toMatchObject([
      { says: '“Mark” held “onload”, “script”, which may run or load something: taken out.', refusal: false },
    ])
  })

  it('keeps a refused file with what is wrong, and tries again when told', async () => {
    answer = () => Promise.resolve(problem('not-a-picture'))
    const intake = useIntake(taken)
    void intake.bring(list(file('a.exe'), file('b.jpg')))
    await settled()
    expect(intake.jobs.value.map((j) => [j.file.name, j.state, j.says])).toEqual([
      ['a.exe', 'failed', 'No. Do this.'],
      ['b.jpg', 'failed', 'No. Do this.'],
    ])
    answer = () => Promise.resolve({ ok: true, value: { takenOut: [] } })
    intake.again(intake.jobs.value[0]!)
    await settled()
    expect(intake.jobs.value.map((j) => j.file.name)).toEqual(['b.jpg'])
    intake.cancel(intake.jobs.value[0]!)
    expect(intake.jobs.value).toEqual([])
  })

  it('does not send what is too large, or has no room in the site', async () => {
    const intake = useIntake(taken)
    void intake.bring(list(file('huge.mp4', 60 * 1024 * 1024), file('a.jpg', 41), file('b.jpg', 40)))
    await settled()
    expect(sent.map((s) => s.split(' ')[0])).toEqual(['b.jpg'])
    expect(intake.jobs.value.map((j) => [j.state, j.says])).toEqual([
      ['failed', '60 MB; 25 fit.'],
      ['failed', '1 kB; the site has room for 1 kB.'],
    ])
  })

  it('forgets what was stopped on the way', async () => {
    answer = () => Promise.resolve(problem('stopped'))
    const intake = useIntake(taken)
    void intake.bring(list(file('a.jpg')))
    await settled()
    expect(intake.jobs.value).toEqual([])
    expect(taken).not.toHaveBeenCalled()
  })
})
