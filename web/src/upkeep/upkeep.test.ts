import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, expect, it, vi } from 'vitest'
import UpkeepScreen from './UpkeepScreen.vue'
import type { Installation } from '@/api/types'
import { answering } from '@/test/answering'
import { mounting, press } from '@/test/moor'

const kept = (n: number) => ({
  name: `venue-${n}.venuebackup`,
  bytes: n * 1_000_000,
  at: '2026-11-26T03:00:00Z',
})
const told = (more: Partial<Installation> = {}): Installation => ({
  version: '0.1.0',
  java: '17',
  since: '2026-11-26T03:00:00Z',
  timeZone: 'Europe/London',
  sizes: { database: 900_000, history: 200_000, media: 3_000_000 },
  free: 5_000_000_000,
  backups: {
    folder: '/srv/backups',
    bucket: '',
    schedule: { at: undefined, keep: 7 },
    running: false,
    kept: [],
  },
  tasks: [{ name: 'backup', title: 'Backup', running: false, well: false, says: 'the disk is full' }],
  findings: [{ urgent: true, says: 'There is no backup yet.' }],
  ...more,
})
const UNUSED = [
  { file: 'aa', format: 'jpg', bytes: 2_000_000 },
  { file: 'bb', format: 'mp4', was: 'A night', bytes: 5_000_000 },
]

async function open(upkeep: Installation, unused: unknown[] = []) {
  const sent = answering({
    '/upkeep': upkeep,
    '/upkeep/unused-files': unused,
    '/upkeep/unused-files/remove': { bytes: 1 },
  })
  const wrapper = mount(UpkeepScreen, { global: mounting })
  await flushPromises()
  return { wrapper, sent }
}
afterEach(() => vi.useRealTimers())

it('says what wants an owner, what failed, and how much there is', async () => {
  const { wrapper } = await open(told())
  expect(wrapper.get('.findings .urgent').text()).toBe('There is no backup yet.')
  expect(wrapper.text()).toContain('failed: the disk is full')
  expect(wrapper.text()).toContain('It holds 3.9 MB')
  expect(wrapper.findAll('dd').map((d) => d.text())).toEqual(['3.0 MB', '700 kB', '200 kB', '5.0 GB'])
  const well = await open(told({ findings: [], tasks: [] }))
  expect(well.wrapper.get('.well').text()).toContain('All is well')
})

it('has one made now, and looks again until it is done', async () => {
  vi.useFakeTimers()
  const running = told({ tasks: [{ name: 'backup', title: 'Backup', running: true }] })
  running.backups.running = true
  const { wrapper, sent } = await open(running)
  expect(wrapper.get('.backups button').attributes('disabled')).toBeDefined()
  answering({
    '/upkeep': told({ backups: { ...running.backups, running: false, kept: [kept(1), kept(2)] } }),
  })
  await vi.advanceTimersByTimeAsync(1600)
  expect(wrapper.findAll('.kept tbody tr').map((r) => r.text())).toEqual([
    expect.stringContaining('1.0 MB'),
    expect.stringContaining('2.0 MB'),
  ])
  expect(sent).toEqual([])
})

it('sets when they are made by themselves, but not half a time', async () => {
  const daily = { ...told().backups, schedule: { at: '03:00', keep: 7 } }
  const { wrapper, sent } = await open(told({ backups: daily }))
  void wrapper.get('.backups button').trigger('click')
  await press(wrapper, 'Make one now')
  await wrapper.get('.daily .time').setValue('half past')
  await wrapper.get('.daily .time').setValue('4.30 am')
  await flushPromises()
  await wrapper.get('.daily [type=checkbox]').setValue(false)
  await flushPromises()
  expect(sent).toEqual([
    'POST /upkeep/backup {}',
    'POST /upkeep/schedule {"at":"04:30","keep":7}',
    'POST /upkeep/schedule {"keep":7}',
  ])
})

it('removes files that are picked, and says first what earlier versions will lack', async () => {
  const { wrapper, sent } = await open(told(), UNUSED)
  expect(wrapper.text()).toContain('nothing names it')
  await wrapper.get('[aria-label="A night"]').setValue(true)
  await press(wrapper, 'Remove 1 file')
  expect(sent).toEqual([])
  expect(wrapper.get('[role=dialog]').text()).toContain('Earlier versions of pages show one of them')
  await press(wrapper, 'Remove for good')
  expect(sent).toEqual(['POST /upkeep/unused-files/remove {"files":["bb"]}'])
})
