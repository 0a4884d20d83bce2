// Needs no document.
import { describe, expect, it } from 'vitest'
import type { PageDetail, PlacedSection, TemplateDetail } from '@/api/types'
import { reachOf, REACHES } from '@/words/reachWords'
import { sectionsOf } from '@/site/sectionsOf'
import { pageSheet, templateSheet } from './Sheet'

const section = (id: string, reach = 'HERE', pages = 1) =>
  ({ section: { id }, reach, pages }) as unknown as PlacedSection
const zone = (key: string, fixed: PlacedSection[], sections: PlacedSection[]) => ({ key, fixed, sections })

describe('what the galley is written on', () => {
  const page = { id: 'visit', zones: [], everywhere: [], shelf: [], toFill: [], address: '/visit' }

  it('is a page with its proof', () => {
    expect(pageSheet(null)).toBeNull()
    const sheet = pageSheet(page as unknown as PageDetail)
    expect(sheet?.sort).toBe('page')
    expect(sheet?.proof).toMatchObject({ path: 'page/visit', query: '' })
    expect(sheet?.proof.markup('moor').address).toBe('/api/sites/moor/pages/visit/markup?visitor=true')
  })

  it('is a template, on made-up content or on a page’s', () => {
    const template = { id: 'wide', zones: [], options: [] } as unknown as TemplateDetail
    const { proof } = templateSheet(template, '')!
    expect(proof).toMatchObject({ path: 'template/wide', query: '' })
    expect(proof.markup('moor').address).toBe('/api/sites/moor/templates/wide/markup?visitor=true')
    expect(templateSheet(template, 'visit')?.proof.query).toBe('on=visit')
    expect(templateSheet(template, '')).toMatchObject({ sort: 'template', shelf: [], everywhere: [] })
    expect(templateSheet(null, '')).toBeNull()
  })
})

describe('the sections that show', () => {
  it('are those of the zones, fixed ones first, and those on every page', () => {
    const zones = [
      zone('main', [section('f1')], [section('a'), section('b')]),
      zone('foot', [], [section('c')]),
    ] as unknown as PageDetail['zones']
    const ids = sectionsOf({ zones, everywhere: [section('all')] }).map((s) => s.section.id)
    expect(ids).toEqual(['f1', 'a', 'b', 'c', 'all'])
  })
})

describe('how far a section reaches', () => {
  it.each([
    ['HERE', 1, 'on this page', ''],
    ['SHARED', 1, 'shared · 1 page', 'changes it there'],
    ['SHARED', 6, 'shared · 6 pages', 'changes all of them'],
    ['TEMPLATE', 14, 'fixed · 14 pages', 'all 14 pages'],
    ['TEMPLATE', 1, 'fixed · 1 page', 'the one page'],
    ['EVERYWHERE', 1200, 'on every page', 'all 1,200 pages'],
  ] as const)('%s on %i: %s', (reach, pages, chip, warning) => {
    const told = reachOf({ reach, pages })
    expect(told.chip).toBe(chip)
    expect(told.warning).toContain(warning)
  })

  it('names every reach that the server knows', () => {
    expect(REACHES.map((r) => r.key)).toEqual(['HERE', 'SHARED', 'TEMPLATE', 'EVERYWHERE'])
  })
})
