import { ref } from 'vue'
import { get, post } from '@/api/client'
import { said } from '@/api/said'
import type { MemberRow, MembersTold } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

export interface MembersAsked {
  q: string
  state?: MemberRow['state']
  group?: string
}

const DEEDS = {
  approve: { path: '/api/sites/{site}/members/approve', done: 'let in' },
  deactivate: { path: '/api/sites/{site}/members/deactivate', done: 'deactivated' },
  'bring-back': { path: '/api/sites/{site}/members/bring-back', done: 'brought back' },
  remove: { path: '/api/sites/{site}/members/remove', done: 'removed, with all that was kept of them' },
} as const
export type MemberDeed = keyof typeof DEEDS

/** Those of some members to whom it can be done. */
export function fitting(deed: MemberDeed, rows: MemberRow[]): MemberRow[] {
  const states: Record<MemberDeed, MemberRow['state'][] | null> = {
    approve: ['ASKED', 'UNCONFIRMED'],
    deactivate: ['ACTIVE'],
    'bring-back': ['DEACTIVATED'],
    remove: null,
  }
  return rows.filter((r) => states[deed]?.includes(r.state) ?? true)
}

/** The members of the site, some at a time, and what is done to them. */
export function useMembers(asked: () => MembersAsked) {
  const site = useSite()
  const notices = useNotices()
  const told = ref<MembersTold | null>(null)
  const rows = ref<MemberRow[]>([])
  const trouble = ref('')
  let asking = 0
  async function load(more = false) {
    const number = ++asking
    const after = more ? rows.value.length : 0
    const answer = await get('/api/sites/{site}/members', {
      path: { site: site.id },
      query: { ...asked(), after },
    })
    if (number !== asking) return
    // What is shown stays, whatever comes of looking again.
    if (!answer.ok && told.value) return void notices.refuse(answer.problem)
    trouble.value = answer.ok ? '' : said(answer.problem)
    if (!answer.ok) return
    told.value = answer.value
    rows.value = more ? [...rows.value, ...answer.value.rows] : answer.value.rows
  }
  async function act(deed: MemberDeed, ids: string[]) {
    const answer = await post(DEEDS[deed].path, { path: { site: site.id } }, { ids })
    if (!answer.ok) return void notices.refuse(answer.problem)
    notices.tell(`${counted(answer.value.done, 'member')} ${DEEDS[deed].done}`)
    await load()
  }
  async function regroup(ids: string[], put: string[], taken: string[]) {
    const answer = await post(
      '/api/sites/{site}/members/regroup',
      { path: { site: site.id } },
      { ids, put, taken },
    )
    if (!answer.ok) return void notices.refuse(answer.problem)
    await load()
  }
  return { told, rows, trouble, load, act, regroup }
}
