// Needs no document.
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { computed, ref, shallowRef } from 'vue'
import { makeAttending } from './attending'
import { makePlaces } from './places'
import type { Sheet } from './Sheet'

/** A sheet of one zone with these sections. */
const sheetOf = (...sections: string[]) =>
  ({
    id: 'p',
    sort: 'page',
    toFill: [],
    everywhere: [],
    zones: [
      {
        key: 'main',
        role: 'MAIN',
        name: 'Main',
        fixed: [],
        sections: sections.map((id) => ({ reach: 'HERE', section: { id, name: id, columns: [] } })),
      },
    ],
  }) as never as Sheet

describe('what is placed', () => {
  const sheet = shallowRef<Sheet | null>(null)
  const chosen = ref<string | null>(null)
  const send = vi.fn()
  beforeEach(() => {
    sheet.value = sheetOf('a')
    chosen.value = null
    send.mockReset()
  })
  const make = () =>
    makeAttending(
      computed(() => sheet.value),
      chosen,
      makePlaces(() => sheet.value),
      send,
    )

  it('is awaited from the moment in which it is asked for, and written in once it is there', async () => {
    let answer: (is: unknown) => void = () => {}
    send.mockReturnValue(new Promise((done) => (answer = done)))
    const { put, attended } = make()
    const putting = put({ zone: 'main', index: 1 }, { spans: [12] })
    expect(attended.value?.isThere()).toBe(false)
    answer({ ok: true })
    await putting
    const made = chosen.value!
    expect(attended.value?.writes).toEqual({})
    expect(attended.value?.isThere()).toBe(false)
    sheet.value = sheetOf('a', made)
    expect(attended.value?.isThere()).toBe(true)
  })

  it('is awaited no longer where it was refused: letters are keys again', async () => {
    send.mockResolvedValue({ ok: false })
    const { add, attended } = make()
    await add('a', 'Text', () => send())
    expect(attended.value).toBeNull()
    expect(chosen.value).toBeNull()
  })
})
