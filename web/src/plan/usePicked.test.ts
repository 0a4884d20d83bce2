// Needs no document.
import { expect, it } from 'vitest'
import { ref } from 'vue'
import type { OutlineRow } from './outline'
import { usePicked } from './usePicked'

const lines = (...ids: string[]) => ids.map((id) => ({ row: { id } }) as OutlineRow)

it('takes pages in and out beside the one at hand, and forgets those that are gone', () => {
  const shown = ref(lines('a', 'b', 'c', 'd'))
  const at = ref<string | null>('b')
  const picked = usePicked(shown, at)
  expect(picked.many.value).toEqual([])
  picked.toggle('d')
  expect(picked.many.value).toEqual(['b', 'd'])
  picked.toggle('b')
  expect(picked.many.value).toEqual([])
  picked.clear()
  picked.extend('d')
  expect(picked.many.value).toEqual(['b', 'c', 'd'])
  at.value = 'c'
  picked.extend('a')
  expect(new Set(picked.many.value)).toEqual(new Set(['a', 'b', 'c', 'd']))
  shown.value = lines('a', 'b')
  expect(new Set(picked.many.value)).toEqual(new Set(['a', 'b']))
  picked.extend('gone')
  expect(picked.many.value).toHaveLength(2)
})
