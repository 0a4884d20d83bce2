import { describe, expect, it } from 'vitest'
import { router } from '@/router'
import { helpOf, helpPages } from './pages'
import { words } from './words'

const sources = import.meta.glob<string>('../**/*.vue', { query: '?raw', import: 'default', eager: true })

describe('help', () => {
  it('has a page with a title, words and its picture for each screen of a site', () => {
    const keys = helpPages.map((p) => p.key)
    const screens = router.getRoutes().filter((r) => r.path.startsWith('/:site/') && r.name)
    expect(screens.map((s) => helpOf(String(s.name))).filter((key) => !keys.includes(key))).toEqual([])
    expect(helpPages.filter((p) => !p.title || p.body.length < 100)).toEqual([])
    expect(helpPages.filter((p) => 'picture' in p && p.of && p.picture === '')).toEqual([])
  })

  it('tells what each word of ours means that is told on a screen', () => {
    const told = Object.values(sources).flatMap((s) =>
      [...s.matchAll(/<WordOf word="([^"]+)"/g)].map((m) => m[1]!),
    )
    expect(told.length).toBeGreaterThan(0)
    expect(told.filter((word) => !words.has(word))).toEqual([])
  })
})
