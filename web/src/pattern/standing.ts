import type { PatternCopies } from '@/api/types'
import { counted } from '@/words/counted'

/** How a pattern's copies stand to it, in a sentence without its stop. */
export function standing({
  inStep,
  behind,
  adapted,
  pages,
}: Omit<PatternCopies, 'some' | 'waiting'>): string {
  if (!pages) return 'It stands on no page yet'
  const parts = [
    [inStep, 'in step'],
    [behind, 'behind'],
    [adapted, 'adapted'],
  ].filter(([many]) => many)
  const how = parts.map(([many, word]) => `${many} ${word}`).join(', ')
  return `On ${counted(pages, 'page')} it stands ${counted(inStep + behind + adapted, 'time')}: ${how}`
}
