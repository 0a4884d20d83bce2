<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { TemplateDetail, Value } from '@/api/types'
import ItemStrip from '@/library/ItemStrip.vue'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import StripFact from '@/look/StripFact.vue'
import { mayWear } from '@/kind/mayWear'
import { counted } from '@/words/counted'
import { useSite } from '@/site/useSite'
import FrameSheet from './FrameSheet.vue'
import KindsSheet from './KindsSheet.vue'
import NewTemplateSheet from './NewTemplateSheet.vue'
import OptionsSheet from './OptionsSheet.vue'
import RemoveTemplateSheet from './RemoveTemplateSheet.vue'
import WearersSheet from './WearersSheet.vue'
import ZonesSheet from './ZonesSheet.vue'

const props = defineProps<{
  template: TemplateDetail
  /** On how many pages a change waits to be rolled out. */
  waiting: number
}>()
const site = useSite()
const router = useRouter()
const sheet = ref<'frame' | 'options' | 'zones' | 'kinds' | 'wearers' | 'copy' | 'remove' | null>(null)
const kinds = computed(() => props.template.kinds.filter((k) => k.usual).map((k) => k.name))
const usual = (value: unknown, fallback: unknown) => value === undefined || value === fallback
const frame = computed(() => {
  const changed = props.template.frameSettings.filter((p) => !usual(props.template.frame[p.key], p.fallback))
  return changed.length ? changed.map((p) => p.label.toLowerCase()).join(', ') : 'as usual'
})

/** The kind that a page made in it would be. */
const as = computed(() =>
  site.catalog?.kinds.find((k) => !k.pageless && !k.retired && mayWear(k, props.template.id)),
)
function makePage() {
  void router.push({ name: 'new', query: { kind: as.value?.id, template: props.template.id } })
}
function describe(name: string, note: string) {
  void site.give({ verb: 'describe-template', template: props.template.id, name, note }, props.template.id)
}
function retire() {
  void site.give({
    verb: 'retire-template',
    template: props.template.id,
    retired: !props.template.retired,
  })
}
function setFrame(key: string, value: Value | undefined) {
  void site.give({ verb: 'set-value', item: props.template.id, key, value: value }, props.template.id)
}
</script>

<template>
  <ItemStrip
    noun="template"
    :item="template"
    back="Templates"
    stays="Stays on its pages, is not offered to others"
    :waiting="waiting"
    removable
    @back="router.push({ name: 'templates' })"
    @name="(name) => describe(name, template.note)"
    @retire="retire"
    @another="sheet = 'copy'"
    @remove="sheet = 'remove'"
  >
    <template #first>
      <v-list-item
        title="New page in it…"
        :subtitle="as ? '' : 'No kind may wear it yet: “Usual for” says which may'"
        :disabled="!as || template.retired"
        @click="makePage"
      />
    </template>
    <StripFact label="Worn by">
      <template #sign><TemplateGlyph :template="template.id" :wide="34" /></template>
      <button type="button" class="textlink" @click="sheet = 'wearers'">
        {{ counted(template.pages, 'page') }}
      </button>
    </StripFact>
    <StripFact label="Usual for">
      <button type="button" class="textlink" @click="sheet = 'kinds'">
        {{ kinds.join(', ') || 'no kind' }}
      </button>
    </StripFact>
    <StripFact label="Frame">
      <button type="button" class="textlink" @click="sheet = 'frame'">{{ frame }}</button>
    </StripFact>
    <StripFact label="Zones">
      <button type="button" class="textlink" @click="sheet = 'zones'">{{ template.zones.length }}</button>
    </StripFact>
    <StripFact label="Options">
      <button type="button" class="textlink" @click="sheet = 'options'">
        {{ template.options.length || 'none' }}
      </button>
    </StripFact>
    <template #sheets>
      <FrameSheet v-if="sheet === 'frame'" :template="template" @set="setFrame" @close="sheet = null" />
      <OptionsSheet v-if="sheet === 'options'" :template="template" @close="sheet = null" />
      <ZonesSheet v-if="sheet === 'zones'" :template="template" @close="sheet = null" />
      <KindsSheet v-if="sheet === 'kinds'" :template="template" @close="sheet = null" />
      <WearersSheet
        v-if="sheet === 'wearers'"
        :template="template"
        @note="(note) => describe(template.name, note)"
        @close="sheet = null"
      />
      <NewTemplateSheet v-if="sheet === 'copy'" :from="template.id" @close="sheet = null" />
      <RemoveTemplateSheet v-if="sheet === 'remove'" :template="template" @close="sheet = null" />
    </template>
  </ItemStrip>
</template>
