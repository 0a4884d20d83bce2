import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it } from 'vitest'
import { useSite } from '@/site/useSite'
import IntakeList from './IntakeList.vue'
import type { Job } from './useIntake'

const job = (part: Partial<Job>): Job => ({
  key: 1,
  file: new File(['x'], 'moor.jpg'),
  folder: '',
  share: 0,
  state: 'sends',
  says: '',
  ...part,
})
const words = (part: Partial<Job>) =>
  mount(IntakeList, { props: { jobs: [job(part)] } })
    .get('[role=status]')
    .text()

beforeEach(() => setActivePinia(createPinia()))

it.each([
  [{ state: 'waits' as const }, 0, 'waits'],
  [{ share: 0.5 }, 4, '50 %'],
  [{ share: 1 }, 1, 'sent; being taken in'],
  [{ share: 1 }, 3, 'sent; waits its turn, 3 files are being taken in'],
  [{ state: 'failed' as const, says: 'No. Do this.' }, 1, '◆ No. Do this.'],
])('tells how far a file is (%j, %i taken in)', (part, takingIn, says) => {
  useSite().takingIn = takingIn
  expect(words(part)).toBe(says)
})

it('offers a failed file again, and to leave it', async () => {
  const list = mount(IntakeList, { props: { jobs: [job({ state: 'failed', says: 'No.' })] } })
  const [again, leave] = list.findAll('button')
  await again?.trigger('click')
  await leave?.trigger('click')
  expect(list.emitted('again')).toHaveLength(1)
  expect(list.emitted('cancel')).toHaveLength(1)
})
