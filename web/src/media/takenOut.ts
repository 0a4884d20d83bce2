import type { MediaInfo } from '@/api/types'
import { useNotices } from '@/edit/useNotices'

/** Says what a drawing held that none may, and that it is gone. */
export function sayTakenOut(media: MediaInfo) {
  if (!media.takenOut.length) return
  const held = media.takenOut.map((what) => `“${what}”`).join(', ')
  useNotices().tell(`“${media.name}” held ${held}, which may run or load something: taken out.`)
}
