import { ref } from 'vue'
import { sendFile } from '@/api/client'
import type { MediaInfo } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSite } from '@/site/useSite'
import { sayTakenOut } from './takenOut'
import { tooLarge } from './tooLarge'
import { useMedia } from './useMedia'

/** Takes one file in at a time, where it is wanted at once; what can't be kept says why. */
export function useBringing() {
  const site = useSite()
  const notices = useNotices()
  const media = useMedia()
  const busy = ref('')

  async function bring(file: File): Promise<MediaInfo | null> {
    if (tooLarge(file)) {
      notices.say(`“${file.name}” has ${tooLarge(file)}.`, 'Save it smaller, for example 2400 pixels wide.')
      return null
    }
    busy.value = `Taking in ${file.name}…`
    const answer = await sendFile(
      '/api/sites/{site}/media',
      { path: { site: site.id } },
      file,
      () => undefined,
    ).done
    busy.value = ''
    if (!answer.ok) {
      notices.refuse(answer.problem)
      return null
    }
    sayTakenOut(answer.value)
    await media.load()
    return answer.value
  }
  return { busy, bring }
}
