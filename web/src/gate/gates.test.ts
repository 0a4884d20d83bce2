import { describe, expect, it } from 'vitest'
import type { GateTold, GroupInfo } from '@/api/types'
import { gateLanes, meets, saidHere, STRANGER, whoWords } from './gates'
import { walkHref } from './walkHref'

const GROUPS: GroupInfo[] = [
  { id: 'crew', name: 'Crew', note: '' },
  { id: 'friends', name: 'Friends', note: '' },
]
const gate = (who: GateTold['who'], groups: string[] = [], hidden = false): GateTold => ({
  who,
  groups,
  hidden,
  source: 'PAGE',
})
const [, crew, friends] = gateLanes(GROUPS)

describe('who may see a page', () => {
  it('has a lane for strangers, each group and robots, and one for members where there is no group', () => {
    expect(gateLanes(GROUPS).map((l) => l.label)).toEqual(['Stranger', 'Crew', 'Friends', 'Robots'])
    expect(gateLanes([]).map((l) => l.label)).toEqual(['Stranger', 'Members', 'Robots'])
  })

  it('is told for each of them as the server decides it', () => {
    const table: [GateTold | undefined, string, string, string][] = [
      [undefined, 'opens', 'opens', 'opens'],
      [gate('EVERYONE'), 'opens', 'opens', 'opens'],
      [gate('MEMBERS'), 'asked', 'opens', 'opens'],
      [gate('GROUPS', ['crew']), 'asked', 'opens', 'refused'],
      [gate('GROUPS', ['crew'], true), 'hidden', 'opens', 'hidden'],
      [gate('US'), 'refused', 'refused', 'refused'],
      [gate('US', [], true), 'hidden', 'hidden', 'hidden'],
    ]
    for (const [told, ...meetings] of table)
      expect([STRANGER, crew!, friends!].map((l) => meets(told, l))).toEqual(meetings)
  })

  it('is said at the end of the row where the page says it itself', () => {
    expect(saidHere(gate('GROUPS', ['crew', 'friends']), GROUPS)).toBe('Crew and Friends')
    expect(saidHere(gate('GROUPS', ['crew'], true), GROUPS)).toBe('Crew; others don’t learn of it')
    expect(saidHere({ ...gate('MEMBERS'), source: 'BRANCH' }, GROUPS)).toBe('')
    expect(whoWords(gate('GROUPS', ['gone']), GROUPS)).toBe('nobody')
  })

  it('is walked by the pass that opens the proofs', () => {
    expect(walkHref('http://moor/-/proof/PASS/', 'crew', 'live', '/a b')).toBe(
      'http://moor/-/walk/PASS/crew/live?to=%2Fa%20b',
    )
  })
})
