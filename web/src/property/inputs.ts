import type { Component } from 'vue'
import type { Property } from '@/api/types'
import ChoiceInput from './ChoiceInput.vue'
import DateInput from './DateInput.vue'
import ConditionsInput from './ConditionsInput.vue'
import FieldInput from './FieldInput.vue'
import FlagInput from './FlagInput.vue'
import FormInput from './FormInput.vue'
import FolderInput from './FolderInput.vue'
import GroupsInput from './GroupsInput.vue'
import HoldsInput from './HoldsInput.vue'
import LinkInput from './LinkInput.vue'
import ManyInput from './ManyInput.vue'
import MenuInput from './MenuInput.vue'
import PageInput from './PageInput.vue'
import PictureInput from './PictureInput.vue'
import RichInput from './RichInput.vue'
import NamesInput from './NamesInput.vue'
import TopicsInput from './TopicsInput.vue'
import TypedInput from './TypedInput.vue'

const INPUTS: Record<string, Component> = {
  RICH: RichInput,
  PICTURE: PictureInput,
  FILE: PictureInput,
  FONT: PictureInput,
  LINK: LinkInput,
  PAGE: PageInput,
  ENTRY: PageInput,
  MANY: ManyInput,
  YES_NO: FlagInput,
  CHOICE: ChoiceInput,
  DATE: DateInput,
  DATE_TIME: DateInput,
  KIND: ChoiceInput,
  MENU: MenuInput,
  FORM: FormInput,
  FIELD: FieldInput,
  FOLDER: FolderInput,
  TOPIC: PageInput,
}

/** The input for a declared property: one for each type, and one each for lists of kinds, of names and of conditions. */
export function inputFor(property: Property): Component {
  if (property.type === 'MANY') return listInput(property)
  return INPUTS[property.type as string] ?? TypedInput
}

function listInput({ key, entries }: Property): Component {
  if (key === 'mayHold') return HoldsInput
  if (entries[0]?.type === 'TOPIC') return TopicsInput
  if (entries[0]?.type === 'GROUP') return GroupsInput
  if (entries.length === 1 && ['KIND', 'PAGE', 'ENTRY', 'FIELD'].includes(entries[0]?.type ?? ''))
    return NamesInput
  return entries[0]?.type === 'FIELD' ? ConditionsInput : ManyInput
}
