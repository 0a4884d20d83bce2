import { flushPromises, mount } from '@vue/test-utils'
import { expect, it, vi } from 'vitest'
import type { EntryRow, KindDetail } from '@/api/types'
import { useEdits } from '@/edit/useEdits'
import { moor, mounting } from '@/test/moor'
import EntriesPane from './EntriesPane.vue'

/** Nothing has a height here, so every row is drawn. */
vi.mock('@/look/useLongList', () => ({
  useLongList: (rows: unknown) => ({ shown: rows, before: 0, after: 0, reveal: () => {} }),
}))

const honey: EntryRow = { id: 'e1', revision: 'r1', name: 'Moor Honey', fields: {} }
const kind = { id: 'sponsor', name: 'Sponsor', fields: [] } as unknown as KindDetail

it('gives a name upon the content that is shown, so that nobody is overwritten unseen', async () => {
  const { given, upon } = moor([], () => [honey])
  const wrapper = mount(EntriesPane, { props: { kind, still: false }, global: mounting })
  await flushPromises()
  const name = wrapper.get<HTMLInputElement>('[data-entry=e1] input')
  await name.setValue('Moorland Honey')
  await name.trigger('blur')
  await flushPromises()
  expect(given).toMatchObject([{ verb: 'put-entries', entries: [{ id: 'e1', name: 'Moorland Honey' }] }])
  expect(upon).toEqual([{ e1: 'r1' }])
})

it('shows theirs again where mine was refused and theirs is kept', async () => {
  moor([], () => [honey])
  const wrapper = mount(EntriesPane, { props: { kind, still: false }, global: mounting })
  await flushPromises()
  const name = wrapper.get<HTMLInputElement>('[data-entry=e1] input')
  await name.setValue('Moorland Honey')
  await name.trigger('blur')
  useEdits().dispute('Somebody changed it.', { keepMine: () => {} })
  useEdits().conflict?.takeTheirs()
  await flushPromises()
  expect(name.element.value).toBe('Moor Honey')
})
