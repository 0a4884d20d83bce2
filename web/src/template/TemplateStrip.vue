<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { TemplateDetail, Value } from '@/api/types'
import GiveItem from '@/library/GiveItem.vue'
import { packHref } from '@/pack/packHref'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import StripFact from '@/look/StripFact.vue'
import { counted } from '@/words/counted'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import WrittenInput from '@/edit/WrittenInput.vue'
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
const session = useSession()
const manager = computed(() => session.manager)
const sheet = ref<'frame' | 'options' | 'zones' | 'kinds' | 'wearers' | 'copy' | 'remove' | null>(null)
const kinds = computed(() => props.template.kinds.filter((k) => k.usual).map((k) => k.name))
const usual = (value: unknown, fallback: unknown) => value === undefined || value === fallback
const frame = computed(() => {
  const changed = props.template.frameSettings.filter((p) => !usual(props.template.frame[p.key], p.fallback))
  return changed.length ? changed.map((p) => p.label.toLowerCase()).join(', ') : 'as usual'
})

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
  <div class="strip" role="region" aria-label="Facts of the template">
    <h1 class="unseen">Template: {{ template.name }}</h1>
    <div class="title">
      <button type="button" class="mono back" @click="router.push({ name: 'templates' })">← Templates</button>
      <WrittenInput
        class="disp"
        :value="template.name"
        :disabled="!manager"
        aria-label="Name of the template"
        @written="(name) => describe(name, template.note)"
      />
    </div>
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
    <div class="acts">
      <v-btn
        v-if="manager && waiting"
        class="yes"
        @click="router.push({ name: 'roll-out', params: { item: template.id } })"
        >Roll out to {{ counted(waiting, 'page') }}…</v-btn
      >
      <v-menu v-if="manager">
        <template #activator="{ props: menu }">
          <v-btn v-bind="menu">More ▾</v-btn>
        </template>
        <v-list>
          <v-list-item title="Make another from it…" @click="sheet = 'copy'" />
          <v-list-item
            :title="template.retired ? 'Offer it again' : 'Retire it'"
            :subtitle="template.retired ? '' : 'Stays on its pages, is not offered to others'"
            @click="retire"
          />
          <GiveItem :item="template.id" :name="template.name" />
          <v-list-item title="Save as a pack" :href="packHref(site.id, template.id)" download />
          <v-list-item title="Remove it…" @click="sheet = 'remove'" />
          <v-list-item
            title="Roll out…"
            @click="router.push({ name: 'roll-out', params: { item: template.id } })"
          />
        </v-list>
      </v-menu>
    </div>
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
  </div>
</template>
