// Needs no document.
import { describe, expect, it } from 'vitest'
import type { KindInfo, PlanRow, TemplateInfo } from '@/api/types'
import { LENSES, shadeOf } from './lenses'

const named = <T>(...names: string[]) =>
  new Map(names.map((n, i) => [n, { id: n, name: n.toUpperCase(), pages: names.length - i } as T]))
const templates = named<TemplateInfo>('home', 'plain')
const kinds = named<KindInfo>('standard')
const row = (more: Partial<PlanRow>) =>
  ({ template: 'plain', kind: 'standard', state: 'LIVE', mustFix: 0, shouldFix: 0, ...more }) as PlanRow

describe('lenses', () => {
  it('give different templates different colours, and the same one the same', () => {
    const plain = shadeOf('template', row({}), templates, kinds)
    const home = shadeOf('template', row({ template: 'home' }), templates, kinds)
    expect(plain.colour).not.toBe(home.colour)
    expect(shadeOf('template', row({}), templates, kinds)).toEqual(plain)
    expect(plain.label).toBe('PLAIN')
  })

  it('give each of those used most a colour of its own, and the rest one together', () => {
    const many = named<TemplateInfo>(...'abcdefghijkl')
    const shades = [...'abcdefghijkl'].map((t) => shadeOf('template', row({ template: t }), many, kinds))
    expect(new Set(shades.map((s) => s.colour)).size).toBe(8)
    expect(shades.slice(6).map((s) => s.label)).toEqual([
      'G',
      'others',
      'others',
      'others',
      'others',
      'others',
    ])
  })

  it('tell states and findings by word too', () => {
    expect(shadeOf('state', row({ state: 'CHANGED' }), templates, kinds).label).toBe('changed')
    expect(shadeOf('findings', row({ mustFix: 1, shouldFix: 2 }), templates, kinds).label).toBe('must fix')
    expect(shadeOf('findings', row({ shouldFix: 2 }), templates, kinds).label).toBe('should fix')
    expect(shadeOf('findings', row({}), templates, kinds).label).toBe('nothing found')
  })

  it('each have a name', () => {
    expect(LENSES.every((l) => l.label)).toBe(true)
  })
})
