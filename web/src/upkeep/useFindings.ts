import { onMounted, ref } from 'vue'
import { get } from '@/api/client'
import type { UpkeepFinding } from '@/api/types'
import { useSession } from '@/session/useSession'

/** What about the installation wants an owner; nobody else is told. */
export function useFindings() {
  const session = useSession()
  const findings = ref<UpkeepFinding[]>([])
  onMounted(async () => {
    if (!session.person?.owner) return
    const answer = await get('/api/upkeep/findings')
    if (answer.ok) findings.value = answer.value
  })
  return findings
}
