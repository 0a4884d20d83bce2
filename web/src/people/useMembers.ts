import { onMounted, ref } from 'vue'
import { get, post, type Outcome } from '@/api/client'
import type { LinkMade, Members, SiteName, TeamMember } from '@/api/types'
import { useNotices } from '@/edit/useNotices'

/** The people of the installation and the sites they can be given, asked for anew after each change. */
export function useMembers() {
  const notices = useNotices()
  const members = ref<Members | null>(null)
  const sites = ref<SiteName[]>([])
  const refused = ref('')

  async function load() {
    const [all, own] = await Promise.all([get('/api/people'), get('/api/sites')])
    if (all.ok) members.value = all.value
    else refused.value = `${all.problem.detail} ${all.problem.fix}`
    if (own.ok) sites.value = own.value
  }
  onMounted(load)

  /** Does something to somebody; says what went wrong. */
  async function act(asking: Promise<Outcome<unknown>>): Promise<boolean> {
    const answer = await asking
    if (!answer.ok) notices.refuse(answer.problem)
    await load()
    return answer.ok
  }
  async function link(person: TeamMember): Promise<LinkMade | null> {
    const answer = await post('/api/people/{id}/password-link', { path: { id: person.id } })
    if (answer.ok) return answer.value
    notices.refuse(answer.problem)
    return null
  }
  return { members, sites, refused, load, act, link }
}
