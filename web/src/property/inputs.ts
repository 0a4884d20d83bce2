import type { Component } from 'vue'
import type { Property } from '@/api/types'
import ChoiceInput from './ChoiceInput.vue'
import DateInput from './DateInput.vue'
import FlagInput from './FlagInput.vue'
import HoldsInput from './HoldsInput.vue'
import LinkInput from './LinkInput.vue'
import ManyInput from './ManyInput.vue'
import MenuInput from './MenuInput.vue'
import PageInput from './PageInput.vue'
import PictureInput from './PictureInput.vue'
import RichInput from './RichInput.vue'
import TypedInput from './TypedInput.vue'

const INPUTS: Record<string, Component> = {
  RICH: RichInput,
  PICTURE: PictureInput,
  FILE: PictureInput,
  FONT: PictureInput,
  LINK: LinkInput,
  PAGE: PageInput,
  MANY: ManyInput,
  YES_NO: FlagInput,
  CHOICE: ChoiceInput,
  DATE: DateInput,
  DATE_TIME: DateInput,
  KIND: ChoiceInput,
  MENU: MenuInput,
}

/** The input for a declared property: one for each type, and one for lists of kinds. */
export function inputFor(property: Property): Component {
  if (property.type === 'MANY' && property.entries[0]?.type === 'KIND') return HoldsInput
  return INPUTS[property.type as string] ?? TypedInput
}
