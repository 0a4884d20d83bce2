import type { Property } from '@/api/types'
import { PARTS_GROUP } from './parts'

const GATE_GROUP = 'Who may see it'

/** Whether a setting of pages and kinds is set in a sheet made for it, and stands in no list of settings. */
export const hasOwnSheet = (setting: Property) =>
  setting.group === PARTS_GROUP || setting.group === GATE_GROUP
