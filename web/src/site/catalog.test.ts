import { flushPromises } from '@vue/test-utils'
import { expect, it, vi } from 'vitest'
import { makeCatalog } from './catalog'

it('makes whoever needs what is already on its way wait for it, and asks for it once', async () => {
  let answer!: (response: Response) => void
  const fetched = vi.fn(() => new Promise<Response>((resolve) => (answer = resolve)))
  vi.stubGlobal('fetch', fetched)
  const { need, kinds } = makeCatalog(() => 'moor')
  void need(1)
  let known: boolean | undefined
  void need(1).then(() => (known = kinds.value.has('night')))
  await flushPromises()
  expect(known).toBeUndefined()
  answer(Response.json({ kinds: [{ id: 'night' }] }))
  await vi.waitFor(() => expect(known).toBe(true))
  expect(fetched).toHaveBeenCalledTimes(1)
})
