import { describe, expect, it } from 'vitest'
import { helpPages } from '@/help/pages'
import { router } from '@/router'
import { file, lookUp } from './entry'
import { TASKS } from './tasks'

const words = TASKS.flatMap((t) => t.also.split(' ').map((word) => [word, t] as const))
const filed = TASKS.map((t) => file({ ...t, group: 'Help' }))

describe('what people call things', () => {
  it('is two hundred words, each of which finds the task that it is for', () => {
    expect(words.length).toBeGreaterThanOrEqual(200)
    for (const [word, task] of words) expect(lookUp(filed, word).map((e) => e.id)).toContain(task.id)
  })

  it.each([
    ['delete', 'remove'],
    ['css', 'design'],
    ['draft', 'draft'],
    ['undo', 'history'],
    ['move', 'move'],
    ['copy', 'copy'],
    ['slug', 'address'],
    ['front', 'home'],
    ['sidebar', 'columns'],
  ])('%s leads to %s', (word, task) => expect(lookUp(filed, word)[0]?.id).toBe(task))

  it('leads to a screen or to a page of help that is there', () => {
    const keys = helpPages.map((p) => p.key)
    for (const { id, to, help } of TASKS)
      expect(
        help
          ? keys.includes(help)
          : router.resolve({ params: { site: 'x' }, ...(to as object) }).matched.length > 0,
        id,
      ).toBe(true)
  })
})
